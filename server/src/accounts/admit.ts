import type { Request, Response } from 'express';
import type { Account } from './account.dto.ts';
import type { Entered } from './accounts.service.ts';
import { giveDeviceToken, giveToken } from './cookie.ts';

/** Gives a browser that has been signed in its cookie. */
export async function admit(
  entering: Promise<Entered>,
  request: Request,
  response: Response,
): Promise<Account> {
  const { token, deviceToken, account } = await entering;
  giveToken(request, response, token);
  giveDeviceToken(request, response, deviceToken);
  return account;
}
