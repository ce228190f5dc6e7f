import { Body, Controller, Delete, Get, HttpCode, Param, Patch, Post } from '@nestjs/common';
import { ApiCreatedResponse, ApiNoContentResponse, ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { NamesItsChange, Writes } from '../history/change.ts';
import type { Change } from '../history/change.ts';
import { CreatePlayer, Player, PlayerEffect, UpdatePlayer } from './player.dto.ts';
import { PlayersService } from './players.service.ts';

@ApiTags('players')
@Controller('api/players')
export class PlayersController {
  constructor(private readonly players: PlayersService) {}

  @Get()
  @ApiOkResponse({ type: [Player] })
  list(): Promise<Player[]> {
    return this.players.list();
  }

  @Post()
  @ApiCreatedResponse({ type: Player })
  @NamesItsChange()
  create(@Body() body: CreatePlayer, @Writes() change: Change): Promise<Player> {
    return this.players.create(body, change);
  }

  @Get(':id')
  @ApiOkResponse({ type: Player })
  get(@Param('id') id: string): Promise<Player> {
    return this.players.get(id);
  }

  @Get(':id/effects')
  @ApiOkResponse({ type: [PlayerEffect] })
  effects(@Param('id') id: string): Promise<PlayerEffect[]> {
    return this.players.effects(id);
  }

  @Delete(':id')
  @HttpCode(204)
  @ApiNoContentResponse()
  @NamesItsChange()
  remove(@Param('id') id: string, @Writes() change: Change): Promise<void> {
    return this.players.remove(id, change);
  }

  @Post(':id/restore')
  @HttpCode(200)
  @ApiOkResponse({ type: Player })
  @NamesItsChange()
  restore(@Param('id') id: string, @Writes() change: Change): Promise<Player> {
    return this.players.restore(id, change);
  }

  @Patch(':id')
  @ApiOkResponse({ type: Player })
  @NamesItsChange()
  update(
    @Param('id') id: string,
    @Body() body: UpdatePlayer,
    @Writes() change: Change,
  ): Promise<Player> {
    return this.players.update(id, body, change);
  }
}
