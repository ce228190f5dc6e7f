import { Module } from '@nestjs/common';
import { AccountsModule } from '../accounts/accounts.module.ts';
import { ReadingsModule } from '../readings/readings.module.ts';
import { CatchUp } from './catch-up.ts';
import { RecordController } from './record.controller.ts';
import { RecordRepository } from './record.repository.ts';
import { RecordService } from './record.service.ts';

/** Players over the months. */
@Module({
  imports: [AccountsModule, ReadingsModule],
  controllers: [RecordController],
  providers: [CatchUp, RecordRepository, RecordService],
  exports: [RecordService],
})
export class RecordModule {}
