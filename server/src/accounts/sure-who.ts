import { PASSWORD_LENGTH } from '@loxos/core';
import { ApiPropertyOptional } from '@nestjs/swagger';
import { Injectable } from '@nestjs/common';
import { IsString, MaxLength } from 'class-validator';
import { Clock } from '../common/clock.ts';
import { IfGiven } from '../common/given.ts';
import type { Scope } from '../common/scope.ts';
import { invalid } from '../common/validation.ts';
import { Store } from '../db/store.ts';
import { AccountsRepository } from './accounts.repository.ts';
import { isPassword } from './passwords.ts';
import { SlowDoor } from './slow-door.ts';

/** Who signed in so lately needs to say no more, ms. */
export const JUST_NOW_MS = 15 * 60_000;

export class SaysAgain {
  @ApiPropertyOptional({ description: 'The password, where one signed in a while ago' })
  @IfGiven()
  @IsString()
  @MaxLength(PASSWORD_LENGTH.max)
  readonly password?: string;
}

const wrong = (reason: string) => invalid([{ field: 'password', reason }]);

/** Makes sure who it is before they get another way in: a browser left open, or its cookie taken, is no proof of that. */
@Injectable()
export class SureWho {
  constructor(
    private readonly store: Store,
    private readonly accounts: AccountsRepository,
    private readonly slow: SlowDoor,
    private readonly clock: Clock,
  ) {}

  /** Throws 400 where somebody signed in a while ago and does not say their password. `signedInAt`: an instant. */
  async require(scope: Scope, signedInAt: string, said?: string): Promise<void> {
    // Ahead of now: by a clock that has been set back since.
    const since = Math.abs(this.clock.now().getTime() - Date.parse(signedInAt));
    if (since <= JUST_NOW_MS) return;
    if (said === undefined || said === '')
      throw wrong('You signed in a while ago: write your password, or sign in anew.');
    const user = (await this.store.read((db) => this.accounts.find(scope, db, scope.userId!)))!;
    await this.slow.try(`own ${user.id}`, async () => {
      if (!(await isPassword(user.passwordHash, said))) throw wrong('That is not your password.');
    });
  }
}
