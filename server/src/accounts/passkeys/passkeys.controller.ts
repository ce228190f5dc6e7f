import { Body, Controller, Delete, Get, HttpCode, Param, Post, Req, Res } from '@nestjs/common';
import { ApiCreatedResponse, ApiNoContentResponse, ApiOkResponse, ApiTags } from '@nestjs/swagger';
import type { Request, Response } from 'express';
import type { Scope } from '../../common/scope.ts';
import { May } from '../../door/abilities.ts';
import { Account } from '../account.dto.ts';
import { admit } from '../admit.ts';
import { browserOf } from '../browser.ts';
import { LimitedTries } from '../limits.ts';
import { SaysAgain, SureWho } from '../sure-who.ts';
import { SignedInAt, Within } from '../../door/within.ts';
import { Passkey, PasskeyAnswer, PasskeyQuestion } from './passkey.dto.ts';
import { PasskeysService } from './passkeys.service.ts';
import { siteOf } from './site.ts';

@ApiTags('passkeys')
@Controller('api')
export class PasskeysController {
  constructor(
    private readonly passkeys: PasskeysService,
    private readonly sure: SureWho,
  ) {}

  @Get('account/passkeys')
  @May('see')
  @ApiOkResponse({ type: [Passkey] })
  list(@Within() scope: Scope): Promise<Passkey[]> {
    return this.passkeys.list(scope);
  }

  @Post('account/passkeys/question')
  @May('see')
  @LimitedTries()
  @ApiCreatedResponse({ type: PasskeyQuestion, description: 'Lets a device make a passkey' })
  async offer(
    @Within() scope: Scope,
    @SignedInAt() signedInAt: string,
    @Body() { password }: SaysAgain,
    @Req() request: Request,
  ): Promise<PasskeyQuestion> {
    await this.sure.require(scope, signedInAt, password);
    return this.passkeys.offer(scope, siteOf(request));
  }

  @Post('account/passkeys')
  @May('see')
  @ApiCreatedResponse({ type: Passkey })
  add(
    @Within() scope: Scope,
    @Body() { response }: PasskeyAnswer,
    @Req() request: Request,
  ): Promise<Passkey> {
    return this.passkeys.add(scope, siteOf(request), response, browserOf(request));
  }

  @Delete('account/passkeys/:id')
  @HttpCode(204)
  @May('see')
  @ApiNoContentResponse()
  remove(@Within() scope: Scope, @Param('id') id: string, @Req() request: Request): Promise<void> {
    return this.passkeys.remove(scope, id, browserOf(request));
  }

  @Post('sessions/passkey/question')
  @May('anyone')
  @LimitedTries()
  @ApiCreatedResponse({ type: PasskeyQuestion, description: 'Lets a device sign somebody in' })
  ask(@Req() request: Request): Promise<PasskeyQuestion> {
    return this.passkeys.ask(siteOf(request));
  }

  @Post('sessions/passkey')
  @May('anyone')
  @LimitedTries()
  @ApiCreatedResponse({ type: Account })
  enter(
    @Body() { response }: PasskeyAnswer,
    @Req() request: Request,
    @Res({ passthrough: true }) answer: Response,
  ): Promise<Account> {
    const entering = this.passkeys.enter(siteOf(request), response, browserOf(request));
    return admit(entering, request, answer);
  }
}
