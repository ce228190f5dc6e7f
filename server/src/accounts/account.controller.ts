import {
  Body,
  Controller,
  Delete,
  Get,
  HttpCode,
  NotFoundException,
  Param,
  Patch,
  Post,
  Req,
  Res,
} from '@nestjs/common';
import { ApiNoContentResponse, ApiOkResponse, ApiTags } from '@nestjs/swagger';
import type { Request, Response } from 'express';
import type { Scope } from '../common/scope.ts';
import { NamesItsChange, Writes } from '../history/writer.ts';
import type { Writer } from '../history/history.service.ts';
import { May } from '../door/abilities.ts';
import {
  Account,
  ChangeAcademy,
  ChangeAccount,
  ChangePassword,
  NewLink,
  SignedIn,
} from './account.dto.ts';
import { AccountsService } from './accounts.service.ts';
import { admit } from './admit.ts';
import { takeToken } from './cookie.ts';
import { browserOf } from './browser.ts';
import { LimitedTries } from './limits.ts';
import { LinksService } from './links.service.ts';
import { SessionsService } from './sessions.service.ts';
import { SaysAgain, SureWho } from './sure-who.ts';
import { SignedInAt, Within } from '../door/within.ts';
import type { Admitted } from '../door/within.ts';

@ApiTags('account')
@Controller('api')
export class AccountController {
  constructor(
    private readonly accounts: AccountsService,
    private readonly sessions: SessionsService,
    private readonly links: LinksService,
    private readonly sure: SureWho,
  ) {}

  @Get('account')
  @May('see')
  @ApiOkResponse({ type: Account })
  get(@Within() scope: Scope): Promise<Account> {
    return this.accounts.account(scope);
  }

  @Patch('account')
  @May('see')
  @ApiOkResponse({ type: Account })
  @NamesItsChange()
  change(
    @Within() scope: Scope,
    @Body() { name }: ChangeAccount,
    @Writes() writer: Writer,
  ): Promise<Account> {
    return this.accounts.rename(scope, name, writer);
  }

  @Patch('academy')
  @May('own')
  @ApiOkResponse({ type: Account })
  @NamesItsChange()
  changeAcademy(
    @Within() scope: Scope,
    @Body() body: ChangeAcademy,
    @Writes() writer: Writer,
  ): Promise<Account> {
    return this.accounts.changeAcademy(scope, body, writer);
  }

  @Post('account/password')
  @HttpCode(200)
  @May('see')
  @LimitedTries()
  @ApiOkResponse({ type: Account })
  async password(
    @Within() scope: Scope,
    @Body() body: ChangePassword,
    @Req() request: Request,
    @Res({ passthrough: true }) response: Response,
  ): Promise<Account> {
    return admit(this.accounts.changePassword(scope, body, browserOf(request)), request, response);
  }

  @Post('account/keys')
  @May('see')
  @LimitedTries()
  @ApiOkResponse({ type: NewLink, description: 'Signs in on another device, once' })
  async key(
    @Within() scope: Scope,
    @SignedInAt() signedInAt: string,
    @Body() { password }: SaysAgain,
  ): Promise<NewLink> {
    await this.sure.require(scope, signedInAt, password);
    return this.links.key(scope);
  }

  @Get('account/sessions')
  @May('see')
  @ApiOkResponse({ type: [SignedIn] })
  async list(@Within() scope: Scope, @Req() request: Admitted): Promise<SignedIn[]> {
    const rows = await this.sessions.list(scope, scope.userId!);
    return rows.map(({ id, device, createdAt, seenAt }) => ({
      id,
      device,
      createdAt,
      seenAt,
      isThis: id === request.sessionId,
    }));
  }

  @Delete('account/sessions/:id')
  @HttpCode(204)
  @May('see')
  @ApiNoContentResponse()
  async end(@Within() scope: Scope, @Param('id') id: string): Promise<void> {
    if (!(await this.sessions.end(scope, scope.userId!, id)))
      throw new NotFoundException('No browser of yours is signed in like that.');
  }

  @Delete('sessions/this')
  @HttpCode(204)
  @May('see')
  @ApiNoContentResponse()
  async leave(
    @Within() scope: Scope,
    @Req() request: Admitted,
    @Res({ passthrough: true }) response: Response,
  ): Promise<void> {
    await this.sessions.end(scope, scope.userId!, request.sessionId!);
    takeToken(request, response);
  }
}
