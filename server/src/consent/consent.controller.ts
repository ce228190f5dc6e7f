import { Body, Controller, Get, Param, Put } from '@nestjs/common';
import { ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { May } from '../door/abilities.ts';
import { Within } from '../door/within.ts';
import type { Scope } from '../common/scope.ts';
import { NamesItsChange, Writes } from '../history/writer.ts';
import type { Writer } from '../history/history.service.ts';
import { NoteConsent, PlayerConsent } from './consent.dto.ts';
import { ConsentService } from './consent.service.ts';

@ApiTags('consent')
@Controller('api/players/:id/consent')
export class ConsentController {
  constructor(private readonly consent: ConsentService) {}

  @Get()
  @May('plan')
  @ApiOkResponse({ type: PlayerConsent })
  get(@Within() scope: Scope, @Param('id') playerId: string): Promise<PlayerConsent> {
    return this.consent.get(scope, playerId);
  }

  @Put()
  @May('plan')
  @ApiOkResponse({ type: PlayerConsent })
  @NamesItsChange()
  note(
    @Within() scope: Scope,
    @Param('id') playerId: string,
    @Body() body: NoteConsent,
    @Writes() writer: Writer,
  ): Promise<PlayerConsent> {
    return this.consent.note(scope, playerId, body, writer);
  }
}
