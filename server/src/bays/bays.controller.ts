import { Body, Controller, Delete, Get, HttpCode, Param, Post } from '@nestjs/common';
import { ApiCreatedResponse, ApiNoContentResponse, ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { Recorded } from '../accounts/record/recorded.ts';
import { May } from '../door/abilities.ts';
import { Within } from '../door/within.ts';
import type { Scope } from '../common/scope.ts';
import type { Writer } from '../history/history.service.ts';
import { NamesItsChange, Writes } from '../history/writer.ts';
import { Bay, BayToken, GiveWaiting, GivenWaiting } from './bay.dto.ts';
import { BaysService } from './bays.service.ts';

@ApiTags('bays')
@Controller('api/bays')
export class BaysController {
  constructor(private readonly bays: BaysService) {}

  @Get()
  @May('see')
  @ApiOkResponse({ type: [Bay] })
  list(@Within() scope: Scope): Promise<Bay[]> {
    return this.bays.list(scope);
  }

  @Post(':id/token')
  @May('plan')
  @Recorded('bay-token-made')
  @ApiCreatedResponse({ type: BayToken })
  makeToken(@Within() scope: Scope, @Param('id') id: string): Promise<BayToken> {
    return this.bays.makeToken(scope, id);
  }

  @Delete(':id/token')
  @May('plan')
  @HttpCode(204)
  @ApiNoContentResponse()
  endToken(@Within() scope: Scope, @Param('id') id: string): Promise<void> {
    return this.bays.endToken(scope, id);
  }

  @Post(':id/waiting')
  @May('log')
  @HttpCode(200)
  @NamesItsChange()
  @ApiOkResponse({ type: GivenWaiting })
  giveWaiting(
    @Within() scope: Scope,
    @Param('id') id: string,
    @Body() { lessonId }: GiveWaiting,
    @Writes() writer: Writer,
  ): Promise<GivenWaiting> {
    return this.bays.giveWaiting(scope, id, lessonId, writer);
  }
}
