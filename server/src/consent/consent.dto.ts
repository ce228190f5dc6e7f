import { CONSENT_KINDS } from '@loxos/core';
import type { AgeAndConsent, Consent, ConsentKind } from '@loxos/core';
import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayUnique,
  IsArray,
  IsBoolean,
  IsIn,
  IsString,
  MaxLength,
  ValidateIf,
  ValidateNested,
} from 'class-validator';
import { IsDay } from '../common/given.ts';
import { OneLine } from '../common/one-line.ts';
import { trimmed } from '../common/trimmed.ts';

const GUARDIAN_LENGTH = 200;
const isSaid = ValidateIf((_body, value) => value !== null && value !== undefined);

export class GivenConsent {
  @ApiProperty({ enum: CONSENT_KINDS })
  @IsIn(CONSENT_KINDS)
  readonly kind!: ConsentKind;

  @ApiProperty({ type: String, nullable: true, description: 'The last day it holds' })
  @isSaid
  @IsDay()
  readonly until!: string | null;
}

export class NotedConsent extends GivenConsent implements Consent {
  @ApiProperty() readonly notedBy!: string;
  @ApiProperty() readonly notedOn!: string;
}

/** How old a player is, who speaks for them, and what was agreed to. */
export class PlayerConsent implements AgeAndConsent {
  @ApiProperty({ type: String, nullable: true }) readonly bornOn!: string | null;
  @ApiProperty() readonly isMinor!: boolean;
  @ApiProperty() readonly guardian!: string;
  @ApiProperty({ type: [NotedConsent] }) readonly consents!: NotedConsent[];
}

export class NoteConsent {
  @ApiPropertyOptional({ type: String, nullable: true, description: 'The day of birth' })
  @isSaid
  @IsDay()
  readonly bornOn?: string | null;

  @ApiProperty({ description: 'Where no day of birth is told' })
  @IsBoolean()
  readonly isMinor!: boolean;

  @ApiProperty({ description: 'Parent or guardian, and how they are reached' })
  @trimmed
  @IsString()
  @MaxLength(GUARDIAN_LENGTH)
  @OneLine()
  readonly guardian!: string;

  @ApiProperty({ type: [GivenConsent] })
  @IsArray()
  @ArrayMaxSize(CONSENT_KINDS.length)
  @ArrayUnique(({ kind }: GivenConsent) => kind, { message: 'consents: each kind once' })
  @ValidateNested({ each: true })
  @Type(() => GivenConsent)
  readonly consents!: GivenConsent[];
}
