import { ANGLE_STYLES, HANDS, LENGTH_UNITS, SPEED_UNITS } from '@loxos/core';
import type { AngleStyle, Hand, LengthUnit, SpeedUnit } from '@loxos/core';
import { ApiProperty, ApiPropertyOptional, PartialType } from '@nestjs/swagger';
import { Type } from 'class-transformer';
import {
  IsObject,
  IsIn,
  IsNotEmpty,
  IsString,
  IsUUID,
  MaxLength,
  ValidateNested,
} from 'class-validator';
import { WantedByClubDto } from '../common/wanted.dto.ts';
import { IfGiven } from '../common/given.ts';
import { trimmed } from '../common/trimmed.ts';

class PlayerFields {
  @ApiProperty()
  @trimmed
  @IsString()
  @IsNotEmpty({ message: 'name: write the player’s name' })
  @MaxLength(80)
  readonly name!: string;

  @ApiProperty({ enum: HANDS })
  @IsIn(HANDS, { message: 'hand: choose right or left' })
  readonly hand!: Hand;

  @ApiPropertyOptional({ enum: LENGTH_UNITS })
  @IfGiven()
  @IsIn(LENGTH_UNITS)
  readonly lengthUnit?: LengthUnit;

  @ApiPropertyOptional({ enum: SPEED_UNITS })
  @IfGiven()
  @IsIn(SPEED_UNITS)
  readonly speedUnit?: SpeedUnit;

  @ApiPropertyOptional({ enum: ANGLE_STYLES })
  @IfGiven()
  @IsIn(ANGLE_STYLES)
  readonly angleStyle?: AngleStyle;

  @ApiPropertyOptional({ description: 'What the player wants, in their words' })
  @IfGiven()
  @IsString()
  @MaxLength(2000)
  readonly aims?: string;

  @ApiPropertyOptional({ description: 'Pains, injuries and limits to mind' })
  @IfGiven()
  @IsString()
  @MaxLength(2000)
  readonly bodyNotes?: string;

  @ApiPropertyOptional({ description: 'Whose player they are; empty for nobody’s' })
  @IfGiven()
  @IsString()
  @MaxLength(60)
  readonly coachId?: string;

  @ApiPropertyOptional({ type: WantedByClubDto })
  @IfGiven()
  @IsObject()
  @ValidateNested()
  @Type(() => WantedByClubDto)
  readonly wanted?: WantedByClubDto;
}

export class CreatePlayer extends PlayerFields {
  @ApiPropertyOptional({ description: 'Chosen by the caller, so that a repeat adds nothing' })
  @IfGiven()
  @IsUUID()
  readonly id?: string;
}

export class UpdatePlayer extends PartialType(PlayerFields, { skipNullProperties: false }) {}

export class Player {
  @ApiProperty() readonly id!: string;
  @ApiProperty() readonly name!: string;
  @ApiProperty({ enum: HANDS }) readonly hand!: Hand;
  @ApiProperty({ enum: LENGTH_UNITS }) readonly lengthUnit!: LengthUnit;
  @ApiProperty({ enum: SPEED_UNITS }) readonly speedUnit!: SpeedUnit;
  @ApiProperty({ enum: ANGLE_STYLES }) readonly angleStyle!: AngleStyle;
  @ApiProperty() readonly aims!: string;
  @ApiProperty() readonly bodyNotes!: string;
  @ApiProperty({ description: 'Whose player they are; empty for nobody’s' })
  readonly coachId!: string;
  @ApiProperty({ type: WantedByClubDto }) readonly wanted!: WantedByClubDto;
  @ApiProperty() readonly version!: number;
}
