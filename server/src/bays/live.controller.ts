import { Body, Controller, Headers, HttpCode, Param, Post, Sse } from '@nestjs/common';
import type { MessageEvent } from '@nestjs/common';
import { ApiBearerAuth, ApiOkResponse, ApiTags, ApiUnauthorizedResponse } from '@nestjs/swagger';
import type { Observable } from 'rxjs';
import { LimitedBay } from '../accounts/limits.ts';
import { OkFile } from '../common/ok-file.ts';
import { Problem } from '../common/problem.ts';
import type { Scope } from '../common/scope.ts';
import { May } from '../door/abilities.ts';
import { Within } from '../door/within.ts';
import { LiveAnswer, LiveMessage } from './bay.dto.ts';
import { LiveService } from './live.service.ts';
import { LiveStream } from './live-stream.ts';

const BEARER = /^Bearer (\S+)$/;

@ApiTags('bays')
@Controller('api')
export class LiveController {
  constructor(
    private readonly live: LiveService,
    private readonly listening: LiveStream,
  ) {}

  @Post('live')
  @May('bay')
  @LimitedBay()
  @HttpCode(200)
  @ApiBearerAuth()
  @ApiOkResponse({ type: LiveAnswer })
  @ApiUnauthorizedResponse({ type: Problem, description: 'The token is of no bay' })
  take(
    @Headers('authorization') authorization: string | undefined,
    @Body() message: LiveMessage,
  ): Promise<LiveAnswer> {
    return this.live.take(BEARER.exec(authorization ?? '')?.[1] ?? '', message);
  }

  @Sse('lessons/:lessonId/live')
  @May('see')
  @OkFile('text/event-stream', 'Balls as they come into the lesson')
  listen(
    @Within() scope: Scope,
    @Param('lessonId') lessonId: string,
    @Headers('last-event-id') last: string | undefined,
  ): Promise<Observable<MessageEvent>> {
    return this.listening.of(scope, lessonId, last ?? null);
  }
}
