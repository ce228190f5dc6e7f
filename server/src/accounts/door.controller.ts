import { Body, Controller, Get, HttpCode, Param, Post, Req, Res } from '@nestjs/common';
import { ApiCreatedResponse, ApiOkResponse, ApiTags } from '@nestjs/swagger';
import type { Request, Response } from 'express';
import { May } from '../door/abilities.ts';
import { Account, DoorState, Found, OpenLink, SignIn, TakeLink, UseKey } from './account.dto.ts';
import { AccountsService } from './accounts.service.ts';
import { admit } from './admit.ts';
import { browserOf } from './browser.ts';
import { LimitedTries } from './limits.ts';
import { LinksService } from './links.service.ts';

/** What somebody who is not signed in may do: found the academy, sign in, use a link. */
@ApiTags('door')
@Controller('api')
export class DoorController {
  constructor(
    private readonly accounts: AccountsService,
    private readonly links: LinksService,
  ) {}

  @Get('door')
  @May('anyone')
  @ApiOkResponse({ type: DoorState })
  state(): Promise<DoorState> {
    return this.accounts.door();
  }

  @Post('academy')
  @May('anyone')
  @LimitedTries()
  @ApiCreatedResponse({ type: Account })
  found(
    @Body() body: Found,
    @Req() request: Request,
    @Res({ passthrough: true }) response: Response,
  ) {
    return admit(this.accounts.found(body, browserOf(request)), request, response);
  }

  @Post('sessions')
  @May('anyone')
  @LimitedTries()
  @ApiCreatedResponse({ type: Account })
  signIn(
    @Body() body: SignIn,
    @Req() request: Request,
    @Res({ passthrough: true }) response: Response,
  ) {
    return admit(this.accounts.signIn(body, browserOf(request)), request, response);
  }

  @Post('sessions/key')
  @May('anyone')
  @LimitedTries()
  @ApiCreatedResponse({ type: Account })
  useKey(
    @Body() { key }: UseKey,
    @Req() request: Request,
    @Res({ passthrough: true }) response: Response,
  ) {
    return admit(this.links.useKey(key, browserOf(request)), request, response);
  }

  @Post('sessions/demo')
  @May('anyone')
  @ApiCreatedResponse({ type: Account })
  demo(@Req() request: Request, @Res({ passthrough: true }) response: Response) {
    return admit(this.accounts.enterDemo(browserOf(request)), request, response);
  }

  @Get('links/:token')
  @May('anyone')
  @LimitedTries()
  @ApiOkResponse({ type: OpenLink })
  open(@Param('token') token: string): Promise<OpenLink> {
    return this.links.open(token);
  }

  @Post('links/:token')
  @HttpCode(201)
  @May('anyone')
  @LimitedTries()
  @ApiCreatedResponse({ type: Account })
  take(
    @Param('token') token: string,
    @Body() body: TakeLink,
    @Req() request: Request,
    @Res({ passthrough: true }) response: Response,
  ) {
    return admit(this.links.take(token, body, browserOf(request)), request, response);
  }
}
