import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import { IsISO8601 } from 'class-validator';
import { IfGiven } from '../../common/given.ts';
import { DOOR_EVENTS } from '../../db/schema/door-event.ts';
import type { DoorEventKind } from '../../db/schema/door-event.ts';

/** Something that happened at a door: what, who, when and from where. */
export class DoorEvent {
  @ApiProperty() readonly id!: string;
  @ApiProperty({ enum: DOOR_EVENTS }) readonly kind!: DoorEventKind;
  @ApiProperty({ description: 'The first time' }) readonly at!: string;
  @ApiProperty({ description: 'The last time' }) readonly lastAt!: string;
  @ApiProperty({ description: 'How often: tries of one hour from one place are one' })
  readonly times!: number;
  @ApiProperty({ description: 'Their name then; empty where nobody is known' })
  readonly who!: string;
  @ApiProperty() readonly address!: string;
  @ApiProperty({ description: 'What the browser calls itself' }) readonly device!: string;
  @ApiProperty({ description: 'How, or to whom' }) readonly detail!: string;
  @ApiProperty({ description: 'A sign-in with a browser they had never signed in with' })
  readonly isNewBrowser!: boolean;
  @ApiProperty({ type: String, nullable: true, description: 'The player it is about' })
  readonly player!: string | null;
}

/** A part of the record, the newest first. */
export class DoorPage {
  @ApiProperty({ type: [DoorEvent] }) readonly events!: DoorEvent[];
  @ApiProperty({ type: String, nullable: true, description: 'Ask for what is before it' })
  readonly next!: string | null;
}

export class DoorQuery {
  @ApiPropertyOptional({ description: 'The moment before which to look' })
  @IfGiven()
  @IsISO8601()
  readonly before?: string;
}
