import { Module } from '@nestjs/common';
import { HistoryRepository } from './history.repository.ts';
import { HistoryService } from './history.service.ts';

/** What was changed, by whom, from what to what. */
@Module({
  providers: [HistoryRepository, HistoryService],
  exports: [HistoryRepository, HistoryService],
})
export class HistoryModule {}
