import { Controller, Get, Param } from '@nestjs/common';
import { ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { May } from '../door/abilities.ts';
import { Player } from './player.dto.ts';
import { PlayersService } from './players.service.ts';
import { Within } from '../door/within.ts';
import type { Scope } from '../common/scope.ts';

@ApiTags('players')
@Controller('api/players')
export class PlayersController {
  constructor(private readonly players: PlayersService) {}

  @Get()
  @May('see')
  @ApiOkResponse({ type: [Player] })
  list(@Within() scope: Scope): Promise<Player[]> {
    return this.players.list(scope);
  }

  @Get(':id')
  @May('see')
  @ApiOkResponse({ type: Player })
  get(@Within() scope: Scope, @Param('id') id: string): Promise<Player> {
    return this.players.get(scope, id);
  }
}
