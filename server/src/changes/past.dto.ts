import { ApiProperty } from '@nestjs/swagger';
import { HISTORY_THINGS } from '../db/schema/history.ts';
import type { HistoryThing } from '../db/schema/history.ts';

const FIELDS = { type: 'object', additionalProperties: true } as const;

/** What a change did to one thing. */
export class PastStep {
  @ApiProperty({ enum: HISTORY_THINGS }) readonly thing!: HistoryThing;
  @ApiProperty() readonly id!: string;
  @ApiProperty({ description: 'The id of what it is of; empty for none' }) readonly of!: string;
  @ApiProperty({ ...FIELDS, description: 'The fields as they were' })
  readonly before!: Record<string, unknown>;
  @ApiProperty({ ...FIELDS, description: 'The fields since' })
  readonly after!: Record<string, unknown>;
}

/** A change: what, by whom, when, and whether it can be taken back by itself. */
export class HistoryEntry {
  @ApiProperty() readonly id!: string;
  @ApiProperty() readonly at!: string;
  @ApiProperty() readonly who!: string;
  @ApiProperty() readonly what!: string;
  @ApiProperty({ description: 'How many it stands for: what a player does on a day is one' })
  readonly times!: number;
  @ApiProperty({ type: [PastStep], description: 'In the order done' })
  readonly steps!: PastStep[];
  @ApiProperty({ description: 'Whether sending its inverse takes it back' })
  readonly canUndo!: boolean;
}
