import { ApiProperty } from '@nestjs/swagger';
import { Matches } from 'class-validator';
import { PageWord } from '../pages/page.dto.ts';
import { Player } from '../players/player.dto.ts';

export class DayQuery {
  @ApiProperty({ description: 'The day it is for the coach, as YYYY-MM-DD' })
  @Matches(/^\d{4}-\d{2}-\d{2}$/, { message: 'today: write the day as YYYY-MM-DD' })
  readonly today!: string;
}

/** What a player was last given, and how its homework goes. */
export class Given {
  @ApiProperty() readonly lessonId!: string;
  @ApiProperty() readonly lessonAt!: string;
  @ApiProperty({ type: [String] }) readonly points!: readonly string[];
  @ApiProperty() readonly nextLook!: string;
  @ApiProperty({ description: 'Days of homework ticked, of those past' })
  readonly homeworkDone!: number;
  @ApiProperty() readonly homeworkDue!: number;
  @ApiProperty() readonly isHomeworkStopped!: boolean;
  @ApiProperty({ type: PageWord, nullable: true, description: 'What they last wrote back' })
  readonly lastWord!: PageWord | null;
}

export class GivenTo extends Given {
  @ApiProperty({ type: Player }) readonly player!: Player;
  @ApiProperty({ description: 'A lesson of theirs is booked after it' })
  readonly isBooked!: boolean;
}
