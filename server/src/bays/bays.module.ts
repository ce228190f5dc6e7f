import { Module } from '@nestjs/common';
import { AccountsModule } from '../accounts/accounts.module.ts';
import { BallsModule } from '../balls/balls.module.ts';
import { BlocksModule } from '../blocks/blocks.module.ts';
import { HistoryModule } from '../history/history.module.ts';
import { LessonsModule } from '../lessons/lessons.module.ts';
import { BayEdits } from './bay.edits.ts';
import { BaysController } from './bays.controller.ts';
import { BaysRepository } from './bays.repository.ts';
import { BaysService } from './bays.service.ts';
import { LiveBalls } from './live-balls.ts';
import { LiveController } from './live.controller.ts';
import { LiveEvents } from './live-events.ts';
import { LiveService } from './live.service.ts';
import { LiveStream } from './live-stream.ts';

/** Bays, and the balls that arrive in them by themselves. */
@Module({
  imports: [AccountsModule, BallsModule, BlocksModule, HistoryModule, LessonsModule],
  controllers: [BaysController, LiveController],
  providers: [
    BayEdits,
    BaysRepository,
    BaysService,
    LiveBalls,
    LiveEvents,
    LiveService,
    LiveStream,
  ],
  exports: [BayEdits],
})
export class BaysModule {}
