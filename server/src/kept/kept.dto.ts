import { PERSONAL_READERS } from '@loxos/core';
import type { KeptFor, PersonalReaders } from '@loxos/core';
import { ApiProperty } from '@nestjs/swagger';

class KeptCopies {
  @ApiProperty() readonly daily!: number;
  @ApiProperty() readonly asked!: number;
  @ApiProperty() readonly beforeUpdate!: number;
  @ApiProperty() readonly beforeRestore!: number;
}

/** What is kept of people, who reads it and for how long: what is in force. */
export class Kept implements KeptFor {
  @ApiProperty() readonly academy!: string;
  @ApiProperty({ enum: PERSONAL_READERS }) readonly personalFor!: PersonalReaders;
  @ApiProperty({ type: Number, nullable: true }) readonly goneMonths!: number | null;
  @ApiProperty({ type: KeptCopies, description: 'Copies kept at most' })
  readonly copies!: KeptCopies;
  @ApiProperty() readonly doorRecordDays!: number;
  @ApiProperty() readonly idleHours!: number;
  @ApiProperty() readonly sessionDays!: number;
  @ApiProperty() readonly pageDays!: number;
}

/** A player who has had no lesson for as long as the academy said. */
export class GonePlayer {
  @ApiProperty() readonly id!: string;
  @ApiProperty() readonly name!: string;
  @ApiProperty({
    description: 'The day of the last lesson, or where there was none they were added',
  })
  readonly lastOn!: string;
  @ApiProperty({ description: 'They were taken away already, and can still be brought back' })
  readonly isTakenAway!: boolean;
}
