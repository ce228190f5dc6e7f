import { Body, Controller, Delete, Get, HttpCode, Param, Patch, Post } from '@nestjs/common';
import { ApiCreatedResponse, ApiNoContentResponse, ApiOkResponse, ApiTags } from '@nestjs/swagger';
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
  create(@Body() body: CreatePlayer): Promise<Player> {
    return this.players.create(body);
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
  remove(@Param('id') id: string): Promise<void> {
    return this.players.remove(id);
  }

  @Post(':id/restore')
  @HttpCode(200)
  @ApiOkResponse({ type: Player })
  restore(@Param('id') id: string): Promise<Player> {
    return this.players.restore(id);
  }

  @Patch(':id')
  @ApiOkResponse({ type: Player })
  update(@Param('id') id: string, @Body() body: UpdatePlayer): Promise<Player> {
    return this.players.update(id, body);
  }
}
