import {
  FINDINGS_AT_MOST,
  FOLLOWED,
  GOALS_AT_MOST,
  HANDS,
  LENGTH_UNITS,
  PAGE_DEFAULTS,
  PAGE_POINTS,
  PART_KINDS,
} from '@loxos/core';
import type {
  FollowedFigure,
  Hand,
  Layout,
  LengthUnit,
  PageRecord,
  PartKind,
  Spot,
  StationCard,
  StationPart,
  TapeMark,
  Target,
} from '@loxos/core';
import { applyDecorators } from '@nestjs/common';
import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsNumber,
  IsObject,
  IsOptional,
  IsString,
  IsNotEmpty,
  Max,
  MaxLength,
  Min,
  ValidateNested,
} from 'class-validator';
import { IsRichText } from '../common/rich-text.ts';
import { HomeworkLine, StoredRepetition } from '../steps/part.dto.ts';
import { trimmed } from '../common/trimmed.ts';
import { IfGiven, IsDay, IsInstant } from '../common/given.ts';

/** A few texts of some length at most. */
const Texts = (most: number, letters: number): PropertyDecorator =>
  applyDecorators(
    ApiProperty({ type: [String] }),
    IsArray(),
    ArrayMaxSize(most),
    IsString({ each: true }),
    MaxLength(letters, { each: true }),
  );
const Words = (most: number): PropertyDecorator => Texts(most, 200);

export class PageNumberDto {
  @ApiProperty() @IsString() @MaxLength(80) readonly label!: string;
  @ApiProperty() @IsString() @MaxLength(40) readonly before!: string;
  @ApiProperty() @IsString() @MaxLength(40) readonly after!: string;
  /** How it stands, in the player's words. */
  @ApiProperty() @IsString() @MaxLength(60) readonly verdict!: string;
}

const METRES = { min: -20, max: 20 } as const;

export class PageSpot implements Spot {
  @ApiProperty() @IsNumber() @Min(METRES.min) @Max(METRES.max) readonly alongM!: number;
  @ApiProperty() @IsNumber() @Min(METRES.min) @Max(METRES.max) readonly rightM!: number;
}

export class PagePart extends PageSpot implements StationPart {
  @ApiProperty({ enum: PART_KINDS }) @IsIn(PART_KINDS) readonly kind!: PartKind;
  @ApiProperty() @IsString() @MaxLength(80) readonly label!: string;
  @ApiProperty() @IsNumber() @Min(0) @Max(METRES.max) readonly lengthM!: number;
  @ApiProperty() @IsNumber() @Min(0) @Max(METRES.max) readonly widthM!: number;
  @ApiProperty() @IsNumber() @Min(-180) @Max(180) readonly angleDeg!: number;
  @ApiProperty() @IsInt() @Min(0) @Max(10) readonly count!: number;
}

export class PageTape implements TapeMark {
  @ApiProperty() @IsString() @MaxLength(120) readonly label!: string;
  @ApiProperty() @IsNumber() @Min(0) @Max(METRES.max) readonly distanceM!: number;
  @ApiProperty({ type: PageSpot })
  @IsObject()
  @ValidateNested()
  @Type(() => PageSpot)
  readonly from!: PageSpot;
  @ApiProperty({ type: PageSpot })
  @IsObject()
  @ValidateNested()
  @Type(() => PageSpot)
  readonly to!: PageSpot;
}

export class PageLayout implements Layout {
  @ApiProperty({ type: [PagePart] })
  @IsArray()
  @ArrayMaxSize(60)
  @ValidateNested({ each: true })
  @Type(() => PagePart)
  readonly parts!: PagePart[];
  @ApiProperty({ type: [PageTape] })
  @IsArray()
  @ArrayMaxSize(30)
  @ValidateNested({ each: true })
  @Type(() => PageTape)
  readonly tape!: PageTape[];
}

/** A station with its words and its layout: what was given stays as it was given. */
export class PageStation implements StationCard {
  @ApiProperty() @IsString() @MaxLength(60) readonly drillId!: string;
  @ApiProperty() @IsString() @MaxLength(80) readonly name!: string;
  @ApiProperty() @IsString() @MaxLength(1000) readonly how!: string;
  @ApiProperty() @IsString() @MaxLength(400) readonly good!: string;
  @Words(12) readonly misses!: string[];
  @Words(12) readonly cautions!: string[];
  @Words(20) readonly steps!: string[];
  /** How much of it: first to last. */
  @Words(8) readonly dose!: string[];
  @ApiProperty({ enum: HANDS }) @IsIn(HANDS) readonly hand!: Hand;
  @ApiProperty({ type: PageLayout })
  @IsObject()
  @ValidateNested()
  @Type(() => PageLayout)
  readonly layout!: PageLayout;
}

/** Mean face and path of a block, for its drawing. */
export class PageSlant {
  @ApiProperty() @IsString() @MaxLength(40) readonly label!: string;
  @ApiProperty() @IsNumber() @Min(-45) @Max(45) readonly faceAngleDeg!: number;
  @ApiProperty() @IsNumber() @Min(-45) @Max(45) readonly clubPathDeg!: number;
}

/** What numbers a record's picture may hold: degrees, m or mm. */
const NUMBERS = { min: -500, max: 500 } as const;

export class PageVisit {
  @ApiProperty() @IsInstant() readonly at!: string;
  @ApiProperty() @IsNumber() @Min(NUMBERS.min) @Max(NUMBERS.max) readonly middle!: number;
  @ApiProperty() @IsNumber() @Min(0) @Max(NUMBERS.max) readonly half95!: number;
}

export class PageLevel {
  @ApiProperty() @IsInt() @Min(0) @Max(PAGE_POINTS) readonly from!: number;
  @ApiProperty() @IsInt() @Min(0) @Max(PAGE_POINTS) readonly to!: number;
  @ApiProperty() @IsNumber() @Min(NUMBERS.min) @Max(NUMBERS.max) readonly value!: number;
}

export class PageTarget implements Target {
  @ApiProperty() @IsNumber() @Min(NUMBERS.min) @Max(NUMBERS.max) readonly wanted!: number;
  @ApiProperty() @IsNumber() @Min(0) @Max(NUMBERS.max) readonly window!: number;
}

/** The player's record as it was when the page was given: in words, and one picture. */
export class PageRecordDto implements PageRecord {
  @ApiProperty({ enum: FOLLOWED }) @IsIn(FOLLOWED) readonly figure!: FollowedFigure;
  @Texts(FINDINGS_AT_MOST, 400) readonly words!: string[];
  @Texts(GOALS_AT_MOST, 400) readonly goals!: string[];
  @ApiProperty({ type: [PageVisit] })
  @IsArray()
  @ArrayMaxSize(PAGE_POINTS)
  @ValidateNested({ each: true })
  @Type(() => PageVisit)
  readonly points!: PageVisit[];
  @ApiProperty({ type: [PageLevel] })
  @IsArray()
  @ArrayMaxSize(PAGE_POINTS)
  @ValidateNested({ each: true })
  @Type(() => PageLevel)
  readonly levels!: PageLevel[];
  @ApiProperty({ type: PageTarget, nullable: true })
  @IsOptional()
  @IsObject()
  @ValidateNested()
  @Type(() => PageTarget)
  readonly target!: PageTarget | null;
}

/** From when to when a report is, ISO days. */
export class PagePeriod {
  @ApiProperty() @IsDay() readonly from!: string;
  @ApiProperty() @IsDay() readonly to!: string;
}

export class PageContent {
  @ApiProperty({ type: [String] })
  @IsArray()
  @ArrayMaxSize(PAGE_DEFAULTS.points, { message: 'points: two points at most' })
  @IsString({ each: true })
  @MaxLength(400, { each: true })
  readonly points!: string[];

  @ApiPropertyOptional({ description: 'What to expect for now' })
  @IfGiven()
  @IsString()
  @MaxLength(400)
  readonly expect?: string;

  @ApiProperty({ type: [PageNumberDto] })
  @IsArray()
  @ArrayMaxSize(12)
  @ValidateNested({ each: true })
  @Type(() => PageNumberDto)
  readonly numbers!: PageNumberDto[];

  @ApiProperty({ type: [PageSlant] })
  @IsArray()
  @ArrayMaxSize(2)
  @ValidateNested({ each: true })
  @Type(() => PageSlant)
  readonly slants!: PageSlant[];

  @ApiProperty({ type: [PageStation] })
  @IsArray()
  @ArrayMaxSize(4)
  @ValidateNested({ each: true })
  @Type(() => PageStation)
  readonly stations!: PageStation[];

  @ApiProperty({ type: [HomeworkLine] })
  @IsArray()
  @ArrayMaxSize(30)
  @ValidateNested({ each: true })
  @Type(() => HomeworkLine)
  readonly homework!: HomeworkLine[];

  @ApiProperty() @IsDay() readonly nextLook!: string;

  @ApiPropertyOptional({
    type: 'object',
    additionalProperties: true,
    nullable: true,
    description: 'The coach’s words: a document of the editor',
  })
  @IsOptional()
  @IsRichText()
  readonly words?: Record<string, unknown> | null;

  @ApiPropertyOptional({ type: PageRecordDto, nullable: true })
  @IsOptional()
  @IsObject()
  @ValidateNested()
  @Type(() => PageRecordDto)
  readonly record?: PageRecordDto | null;

  @ApiPropertyOptional({ type: PagePeriod, nullable: true, description: 'Of a report' })
  @IsOptional()
  @IsObject()
  @ValidateNested()
  @Type(() => PagePeriod)
  readonly period?: PagePeriod | null;
}

/** As long as a link opens its page, days. */
export const MOST_PAGE_DAYS = 180;

export class SharePage {
  @ApiProperty({ type: PageContent })
  @IsObject()
  @ValidateNested()
  @Type(() => PageContent)
  readonly content!: PageContent;
  @ApiProperty({ description: 'Days until the link ends' })
  @IsInt()
  @Min(1)
  @Max(MOST_PAGE_DAYS)
  readonly days!: number;
}

/** What a player wrote back. */
export class PageWord {
  @ApiProperty() readonly id!: string;
  @ApiProperty() readonly text!: string;
  @ApiProperty() readonly at!: string;
}

export class AddWord {
  @ApiProperty()
  @trimmed
  @IsString()
  @IsNotEmpty({ message: 'text: write something' })
  @MaxLength(500, { message: 'text: at most 500 letters' })
  readonly text!: string;
}

export class SharedPage {
  @ApiProperty() readonly id!: string;
  @ApiProperty() readonly createdAt!: string;
  @ApiProperty() readonly expiresAt!: string;
  @ApiProperty({ type: String, nullable: true }) readonly withdrawnAt!: string | null;
  @ApiProperty({ type: [String], description: 'Days the player has ticked' })
  readonly ticked!: string[];
  @ApiProperty({ type: [PageWord], description: 'What the player wrote back, the oldest first' })
  readonly said!: PageWord[];
  @ApiProperty({ type: [String] }) readonly points!: string[];
  @ApiProperty({ type: [HomeworkLine] }) readonly homework!: HomeworkLine[];
  @ApiProperty() readonly nextLook!: string;
  @ApiProperty({ type: PagePeriod, nullable: true, description: 'Of a report' })
  readonly period!: PagePeriod | null;
}

/** Only the answer to sharing holds the link. */
export class NewSharedPage extends SharedPage {
  @ApiProperty() readonly token!: string;
}

export class PlayerPage extends PageContent {
  @ApiProperty() readonly playerName!: string;
  @ApiProperty({ enum: HANDS }) readonly hand!: Hand;
  @ApiProperty({ enum: LENGTH_UNITS }) readonly lengthUnit!: LengthUnit;
  @ApiProperty() readonly academy!: string;
  @ApiProperty() readonly date!: string;
  @ApiProperty() readonly expiresAt!: string;
  @ApiProperty({ type: [String] }) readonly ticked!: string[];
  @ApiProperty({ type: [StoredRepetition] }) readonly repetitions!: StoredRepetition[];
  @ApiProperty({ type: [PageWord], description: 'What they wrote back' })
  readonly said!: PageWord[];
}

export class TickHomework {
  @ApiProperty() @IsBoolean() readonly done!: boolean;
}
