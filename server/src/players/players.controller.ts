import { Body, Controller, Delete, Get, HttpCode, Param, Patch, Post } from '@nestjs/common';
import { ApiCreatedResponse, ApiNoContentResponse, ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { May } from '../accounts/abilities.ts';
import { NamesItsChange, Writes } from '../history/change.ts';
import type { Change } from '../history/change.ts';
import { CreatePlayer, Player, UpdatePlayer } from './player.dto.ts';
import { PlayersService } from './players.service.ts';
import { Within } from '../accounts/within.ts';
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

  @Post()
  @May('plan')
  @ApiCreatedResponse({ type: Player })
  @NamesItsChange()
  create(
    @Within() scope: Scope,
    @Body() body: CreatePlayer,
    @Writes() change: Change,
  ): Promise<Player> {
    return this.players.create(scope, body, change);
  }

  @Get(':id')
  @May('see')
  @ApiOkResponse({ type: Player })
  get(@Within() scope: Scope, @Param('id') id: string): Promise<Player> {
    return this.players.get(scope, id);
  }

  @Delete(':id')
  @May('plan')
  @HttpCode(204)
  @ApiNoContentResponse()
  @NamesItsChange()
  remove(@Within() scope: Scope, @Param('id') id: string, @Writes() change: Change): Promise<void> {
    return this.players.remove(scope, id, change);
  }

  @Post(':id/restore')
  @May('plan')
  @HttpCode(200)
  @ApiOkResponse({ type: Player })
  @NamesItsChange()
  restore(
    @Within() scope: Scope,
    @Param('id') id: string,
    @Writes() change: Change,
  ): Promise<Player> {
    return this.players.restore(scope, id, change);
  }

  @Patch(':id')
  @May('plan')
  @ApiOkResponse({ type: Player })
  @NamesItsChange()
  update(
    @Within() scope: Scope,
    @Param('id') id: string,
    @Body() body: UpdatePlayer,
    @Writes() change: Change,
  ): Promise<Player> {
    return this.players.update(scope, id, body, change);
  }
}
