import { Body, Controller, Get, HttpCode, Post, Req } from '@nestjs/common';
import { ApiCreatedResponse, ApiNoContentResponse, ApiOkResponse, ApiTags } from '@nestjs/swagger';
import type { Request } from 'express';
import type { Scope } from '../../common/scope.ts';
import { May } from '../../door/abilities.ts';
import { browserOf } from '../browser.ts';
import { LimitedTries } from '../limits.ts';
import { SaysAgain, SureWho } from '../sure-who.ts';
import { SignedInAt, Within } from '../../door/within.ts';
import { CodesOffer, CodesState, ConfirmCodes, EndCodes, RecoveryCodes } from './code.dto.ts';
import { CodesService } from './codes.service.ts';

@ApiTags('codes')
@Controller('api/account/codes')
export class CodesController {
  constructor(
    private readonly codes: CodesService,
    private readonly sure: SureWho,
  ) {}

  @Get()
  @May('see')
  @ApiOkResponse({ type: CodesState })
  state(@Within() scope: Scope): Promise<CodesState> {
    return this.codes.state(scope);
  }

  @Post('offer')
  @May('see')
  @LimitedTries()
  @ApiCreatedResponse({ type: CodesOffer })
  async offer(
    @Within() scope: Scope,
    @SignedInAt() signedInAt: string,
    @Body() { password }: SaysAgain,
  ): Promise<CodesOffer> {
    await this.sure.require(scope, signedInAt, password);
    return this.codes.offer(scope);
  }

  @Post()
  @May('see')
  @LimitedTries()
  @ApiCreatedResponse({ type: RecoveryCodes })
  confirm(
    @Within() scope: Scope,
    @Body() { code }: ConfirmCodes,
    @Req() request: Request,
  ): Promise<RecoveryCodes> {
    return this.codes.confirm(scope, code, browserOf(request));
  }

  @Post('end')
  @HttpCode(204)
  @May('see')
  @LimitedTries()
  @ApiNoContentResponse()
  end(
    @Within() scope: Scope,
    @Body() { password }: EndCodes,
    @Req() request: Request,
  ): Promise<void> {
    return this.codes.end(scope, password, browserOf(request));
  }
}
