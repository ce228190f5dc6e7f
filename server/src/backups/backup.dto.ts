import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import { IsString, Length, MaxLength } from 'class-validator';
import { PASSWORD_LENGTH } from '@loxos/core';
import { IfGiven } from '../common/given.ts';
import { COPY_REASONS } from './copies.ts';
import type { CopyReason } from './copies.ts';

/** Guessed at leisure by whoever has a copy: longer than a password, which is guessed at a door. */
const PASSPHRASE_LENGTH = { min: 16, max: PASSWORD_LENGTH.max } as const;

/** A copy of the whole database. */
export class Copy {
  @ApiProperty() readonly name!: string;
  @ApiProperty() readonly at!: string;
  @ApiProperty({ enum: COPY_REASONS }) readonly reason!: CopyReason;
  @ApiProperty() readonly sizeBytes!: number;
  @ApiProperty({ description: 'Opened with its passphrase alone' }) readonly isSealed!: boolean;
}

/** How copies are made. */
export class CopiesState {
  @ApiProperty({ description: 'Whether copies are sealed with a passphrase' })
  readonly isSealed!: boolean;
  @ApiProperty({ type: String, nullable: true, description: 'When one was last tried out' })
  readonly triedAt!: string | null;
  @ApiProperty({ type: String, nullable: true, description: 'What was wrong with it then' })
  readonly trouble!: string | null;
}

export class SealCopies {
  @ApiProperty()
  @IsString()
  @Length(PASSPHRASE_LENGTH.min, PASSPHRASE_LENGTH.max, {
    message: `passphrase: use at least ${PASSPHRASE_LENGTH.min} characters, such as five words`,
  })
  readonly passphrase!: string;
}

export class PutBackCopy {
  @ApiPropertyOptional({ description: 'Where it is sealed with another than is kept here' })
  @IfGiven()
  @IsString()
  @MaxLength(PASSPHRASE_LENGTH.max)
  readonly passphrase?: string;
}
