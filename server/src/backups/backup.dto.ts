import { ApiProperty } from '@nestjs/swagger';
import { COPY_REASONS } from './copies.ts';
import type { CopyReason } from './copies.ts';

/** A copy of the whole database. */
export class Copy {
  @ApiProperty() readonly name!: string;
  @ApiProperty() readonly at!: string;
  @ApiProperty({ enum: COPY_REASONS }) readonly reason!: CopyReason;
  @ApiProperty() readonly sizeBytes!: number;
}
