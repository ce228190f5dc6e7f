import { ForbiddenException, Injectable, UnauthorizedException } from '@nestjs/common';
import type { CanActivate, ExecutionContext } from '@nestjs/common';
import { Reflector } from '@nestjs/core';
import type { Response } from 'express';
import { DOOR, REFUSALS, can, isOpen } from '../door/abilities.ts';
import type { Door } from '../door/abilities.ts';
import type { UserRow } from './accounts.repository.ts';
import { giveToken, takeToken, tokenIn } from './cookie.ts';
import { SessionsService } from './sessions.service.ts';
import type { Admitted } from '../door/within.ts';

/** Whom a page takes itself to act for: a page left open must not act for whoever signed in after. */
const USER_HEADER = 'x-loxos-user';

/** Lets a request in by its session, as far as its role goes. What does not say who may use it is closed. */
@Injectable()
export class DoorGuard implements CanActivate {
  constructor(
    private readonly reflector: Reflector,
    private readonly sessions: SessionsService,
  ) {}

  async canActivate(context: ExecutionContext): Promise<boolean> {
    const door = this.reflector.get<Door | undefined>(DOOR, context.getHandler());
    if (door === undefined) throw new ForbiddenException('Nobody may use this.');
    if (isOpen(door)) return true;
    const http = context.switchToHttp();
    const request = http.getRequest<Admitted>();
    const { role } = await this.admit(request, http.getResponse<Response>());
    if (!can(role, door)) throw new ForbiddenException(REFUSALS[door]);
    return true;
  }

  private async admit(request: Admitted, response: Response): Promise<UserRow> {
    const token = tokenIn(request);
    const signed = token === null ? null : await this.sessions.find(token);
    if (signed === null) {
      if (token !== null) takeToken(request, response);
      throw new UnauthorizedException('You are signed out. Sign in to go on.');
    }
    const { user, sessionId, signedInAt, renewed, personalFor } = signed;
    const meant = request.headers[USER_HEADER];
    if (meant !== undefined && meant !== user.id)
      throw new UnauthorizedException(
        'Somebody else has signed in in this browser. Load the page again.',
      );
    if (renewed !== null) giveToken(request, response, renewed);
    request.scope = {
      academyId: user.academyId,
      userId: user.id,
      role: user.role,
      readsPersonalOfAll: personalFor === 'coaches',
    };
    request.sessionId = sessionId;
    request.signedInAt = signedInAt;
    request.who = user.name;
    return user;
  }
}
