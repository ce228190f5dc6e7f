import {
  ANGLE_STYLES,
  DRIVER_SPEED_RANGE_MPS,
  GOALS_AT_MOST,
  HANDS,
  LENGTH_UNITS,
  PLAYER_KINDS,
  SPEED_UNITS,
} from '@loxos/core';
import type { AngleStyle, Hand, LengthUnit, PlayerKind, SpeedUnit, ReportDraft } from '@loxos/core';
import { ApiProperty, ApiPropertyOptional, PartialType } from '@nestjs/swagger';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  IsArray,
  IsObject,
  IsOptional,
  IsIn,
  IsNotEmpty,
  IsNumber,
  IsString,
  Max,
  MaxLength,
  Min,
  ValidateNested,
} from 'class-validator';
import { WantedByClubDto } from '../common/wanted.dto.ts';
import { OfCore } from '../common/core-shape.ts';
import { IfGiven, IsDay } from '../common/given.ts';
import { OneLine } from '../common/one-line.ts';
import { trimmed } from '../common/trimmed.ts';
import { GoalDto } from './goal.dto.ts';
import { ReportDraftDto } from './report-draft.dto.ts';

const SPEED_MESSAGE = `driverSpeedMps: from ${DRIVER_SPEED_RANGE_MPS.join(' to ')} m/s`;

class PlayerFields {
  @ApiProperty()
  @trimmed
  @IsString()
  @IsNotEmpty({ message: 'name: write the player’s name' })
  @MaxLength(80)
  @OneLine()
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

  @ApiPropertyOptional({
    enum: PLAYER_KINDS,
    nullable: true,
    description: 'What is taken where nothing was measured',
  })
  @IsOptional()
  @IsIn(PLAYER_KINDS, { message: `playerKind: choose ${PLAYER_KINDS.join(', ')}` })
  readonly playerKind?: PlayerKind | null;

  @ApiPropertyOptional({ type: Number, nullable: true, description: 'With the driver, m/s' })
  @IsOptional()
  @IsNumber()
  @Min(DRIVER_SPEED_RANGE_MPS[0], { message: SPEED_MESSAGE })
  @Max(DRIVER_SPEED_RANGE_MPS[1], { message: SPEED_MESSAGE })
  readonly driverSpeedMps?: number | null;

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

  @ApiPropertyOptional({ type: [GoalDto] })
  @IfGiven()
  @IsArray()
  @ArrayMaxSize(GOALS_AT_MOST, { message: `goals: ${GOALS_AT_MOST} at most` })
  @ValidateNested({ each: true })
  @Type(() => GoalDto)
  readonly goals?: GoalDto[];

  @OfCore('ReportDraft', { isNullable: true, isOptional: true })
  @IsOptional()
  @IsObject()
  @ValidateNested()
  @Type(() => ReportDraftDto)
  readonly report?: ReportDraftDto | null;
}

export class CreatePlayer extends PlayerFields {}

export class UpdatePlayer extends PartialType(PlayerFields, { skipNullProperties: false }) {
  @ApiPropertyOptional({
    type: String,
    nullable: true,
    description: 'Though long gone, kept until this day; an owner says so',
  })
  @IsOptional()
  @IsDay()
  readonly keepUntil?: string | null;
}

export class Player {
  @ApiProperty() readonly id!: string;
  @ApiProperty() readonly name!: string;
  @ApiProperty({ enum: HANDS }) readonly hand!: Hand;
  @ApiProperty({ enum: LENGTH_UNITS }) readonly lengthUnit!: LengthUnit;
  @ApiProperty({ enum: SPEED_UNITS }) readonly speedUnit!: SpeedUnit;
  @ApiProperty({ enum: ANGLE_STYLES }) readonly angleStyle!: AngleStyle;
  @ApiProperty({ enum: PLAYER_KINDS, nullable: true }) readonly playerKind!: PlayerKind | null;
  @ApiProperty({ type: Number, nullable: true, description: 'With the driver, m/s' })
  readonly driverSpeedMps!: number | null;
  @ApiProperty() readonly aims!: string;
  @ApiProperty({ description: 'Whole, or the parts of the body to mind' })
  readonly bodyNotes!: string;
  @ApiProperty({
    description: 'False where body notes and words back are for the player’s own coach',
  })
  readonly isPersonalRead!: boolean;
  @ApiProperty({ description: 'Whose player they are; empty for nobody’s' })
  readonly coachId!: string;
  @ApiProperty({ type: WantedByClubDto }) readonly wanted!: WantedByClubDto;
  @ApiProperty({ type: [GoalDto] }) readonly goals!: GoalDto[];
  @OfCore('ReportDraft', { isNullable: true, description: 'The report being written' })
  readonly report!: ReportDraft | null;
  @ApiProperty() readonly version!: number;
}
