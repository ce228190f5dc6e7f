import { ApiProperty } from '@nestjs/swagger';
import { IsIn } from 'class-validator';
import { FEED_OF } from '../db/schema/index.ts';

export type FeedOf = (typeof FEED_OF)[number];

export class MakeFeed {
  @ApiProperty({ enum: FEED_OF, description: 'Lessons of one’s own players, or of all' })
  @IsIn(FEED_OF, { message: `whose: choose ${FEED_OF.join(' or ')}` })
  readonly whose!: FeedOf;
}

export class CalendarFeed {
  @ApiProperty({ enum: FEED_OF }) readonly whose!: FeedOf;
  @ApiProperty() readonly createdAt!: string;
  @ApiProperty({ type: String, nullable: true, description: 'When a calendar last read it' })
  readonly readAt!: string | null;
}

export class CalendarFeedAnswer {
  @ApiProperty({ type: CalendarFeed, nullable: true }) readonly feed!: CalendarFeed | null;
}

/** Only the answer to making it holds the address. */
export class NewCalendarFeed extends CalendarFeed {
  @ApiProperty({ description: 'The way after the host' }) readonly path!: string;
}
