import { ApiProperty } from '@nestjs/swagger';
import { HISTORY_THINGS } from '../db/schema/history.ts';
import type { HistoryThing } from '../db/schema/history.ts';

/** A change: what, by whom, when, and whether it can be undone by itself. */
export class HistoryEntry {
  @ApiProperty() readonly id!: string;
  @ApiProperty({ enum: HISTORY_THINGS }) readonly thing!: HistoryThing;
  @ApiProperty() readonly thingId!: string;
  @ApiProperty() readonly at!: string;
  @ApiProperty() readonly who!: string;
  @ApiProperty() readonly what!: string;
  @ApiProperty({ description: 'How many it stands for: what a player logs on a day is one' })
  readonly times!: number;
  @ApiProperty({
    type: 'object',
    additionalProperties: true,
    description: 'The fields as they were',
  })
  readonly before!: Record<string, unknown>;
  @ApiProperty({ type: 'object', additionalProperties: true, description: 'The fields since' })
  readonly after!: Record<string, unknown>;
  @ApiProperty({ description: 'False for what is from before changes were kept field by field' })
  readonly canUndo!: boolean;
}
