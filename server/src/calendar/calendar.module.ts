import { Module } from '@nestjs/common';
import { AccountsModule } from '../accounts/accounts.module.ts';
import { CalendarController } from './calendar.controller.ts';
import { CalendarRepository } from './calendar.repository.ts';
import { CalendarService } from './calendar.service.ts';

/** Lessons in one’s own calendar. */
@Module({
  imports: [AccountsModule],
  controllers: [CalendarController],
  providers: [CalendarRepository, CalendarService],
})
export class CalendarModule {}
