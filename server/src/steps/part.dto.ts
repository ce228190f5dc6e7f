import { CAUSE_LINK_IDS, DOSE, POST, ROUTE_IDS, STANDARD_BAG } from '@loxos/core';
import type { RouteId } from '@loxos/core';
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
  Max,
  MaxLength,
  Min,
  ValidateNested,
} from 'class-validator';
import { IsRichText } from '../common/rich-text.ts';
import { WantedDto } from '../common/wanted.dto.ts';
import { LESSON_PARTS } from '../db/schema/work.ts';
import type { LessonPartName } from '../db/schema/work.ts';
import { IfGiven, IsDay } from '../common/given.ts';

const CLUB_IDS = STANDARD_BAG.map(({ id }) => id);
const CAMERAS = ['as drawn', 'elsewhere'] as const;
const NULLABLE = { type: Number, nullable: true } as const;
const ANGLE = { min: -45, max: 45 } as const;

/** What is seen before the first ball. */
export class SetUpPart {
  @IfGiven() @IsString() @MaxLength(200) readonly target?: string;
  @IsOptional() @IsIn(CLUB_IDS) readonly club?: string | null;
  @IsOptional() @IsNumber() @Min(POST.fewestM) @Max(POST.mostM) readonly postM?: number | null;
  @IsOptional() @IsNumber() @Min(ANGLE.min) @Max(ANGLE.max) readonly feetDeg?: number | null;
  @IsOptional() @IsNumber() @Min(ANGLE.min) @Max(ANGLE.max) readonly hipDeg?: number | null;
  @IsOptional() @IsNumber() @Min(ANGLE.min) @Max(ANGLE.max) readonly shoulderDeg?: number | null;
  @IsOptional() @IsNumber() @Min(-50) @Max(30) readonly ballCm?: number | null;
  @IsOptional() @IsInt() @Min(0) @Max(4) readonly knuckles?: number | null;
  @IsOptional() @IsIn([-1, 0, 1]) readonly distance?: -1 | 0 | 1 | null;
  @IsOptional() @IsIn(CAMERAS) readonly camera?: (typeof CAMERAS)[number] | null;
  @IfGiven() @IsString() @MaxLength(2000) readonly body?: string;
  /** The flight wanted in this lesson, where it is not the player's own. */
  @IsOptional()
  @IsObject()
  @ValidateNested()
  @Type(() => WantedDto)
  readonly wanted?: WantedDto | null;
}

/** What was seen of the swing: link by link. */
export class CausesPart {
  @IfGiven() @IsObject() readonly observations?: Record<string, -1 | 0 | 1>;
}

const ASKED = ['pathDeg', 'faceDeg', 'startDeg'] as const;
/** A peg two heads ahead and one in is as far as a station is laid. */
const MOST_ASKED_DEG = 27;
/** What the station of a drill asks for, degrees, in words of the hand. */
type Asked = Record<(typeof ASKED)[number], number>;

/** What is worked on. */
export class WorkPart {
  /** The coach's own route, and which of its stages is worked on. */
  @IsOptional() @IsIn(ROUTE_IDS) readonly route?: RouteId | null;
  @IfGiven() @IsInt() @Min(0) @Max(1) readonly stage?: number;
  @IfGiven() @IsArray() @ArrayMaxSize(8) @IsString({ each: true }) readonly drillIds?: string[];
  /** Those of them given in spite of a warning. */
  @IfGiven() @IsArray() @ArrayMaxSize(8) @IsString({ each: true }) readonly despiteIds?: string[];
  /** What each drill's station asks for, by the drill's id. */
  @IfGiven() @IsObject() readonly stations?: Record<string, Asked>;
}

export class HomeworkLine {
  @ApiProperty() @IsDay() readonly date!: string;
  @ApiProperty() @IsString() @MaxLength(400) readonly what!: string;
}

/** What the coach wrote over the page as the lesson makes it; what is null or left out stays as made. */
export class SendPart {
  @IsOptional()
  @IsArray()
  @ArrayMaxSize(2, { message: 'points: two points at most' })
  readonly points?: (string | null)[];
  @IsOptional()
  @IsArray()
  @ArrayMaxSize(30)
  @ValidateNested({ each: true })
  @Type(() => HomeworkLine)
  readonly homework?: HomeworkLine[] | null;
  @IsOptional() @IsDay() readonly nextLook?: string | null;
  /** Rich text of the coach: a document of the editor, as JSON. */
  @IsOptional() @IsRichText() readonly words?: object | null;
  @IsOptional() @IsBoolean() readonly isRecordShown?: boolean | null;
}

export const PART_CLASSES = {
  setup: SetUpPart,
  causes: CausesPart,
  work: WorkPart,
  send: SendPart,
} as const;

const MOST_LETTERS = 400;

function pointTrouble({ points = [] }: SendPart): string | null {
  const isFine = (point: unknown): boolean =>
    point === null || (typeof point === 'string' && point.length <= MOST_LETTERS);
  return points.every(isFine) ? null : `points: texts of up to ${MOST_LETTERS} letters`;
}

function stationTrouble({ stations = {} }: WorkPart): string | null {
  for (const [drillId, asked] of Object.entries(stations)) {
    for (const name of ASKED) {
      const value: unknown = (asked as Partial<Asked> | null)?.[name];
      if (typeof value !== 'number' || !(Math.abs(value) <= MOST_ASKED_DEG))
        return `stations: ${name} of “${drillId}” must be from −${MOST_ASKED_DEG} to ${MOST_ASKED_DEG}`;
    }
  }
  return null;
}

/** Beyond what class-validator says: links and drills that exist. Returns the reason, or null. */
export function partTrouble(part: LessonPartName, value: object): string | null {
  if (part === 'send') return pointTrouble(value);
  if (part === 'work') return stationTrouble(value);
  if (part !== 'causes') return null;
  const { observations = {} } = value as CausesPart;
  for (const [id, seen] of Object.entries(observations)) {
    if (!CAUSE_LINK_IDS.some((known) => known === id))
      return `observations: there is no link “${id}”`;
    if (![-1, 0, 1].includes(seen)) return `observations: “${id}” must be −1, 0 or 1`;
  }
  return null;
}

export class LessonPart {
  @ApiProperty({ enum: LESSON_PARTS }) readonly part!: LessonPartName;
  @ApiProperty({ type: 'object', additionalProperties: true }) readonly value!: Record<
    string,
    unknown
  >;
  @ApiProperty() readonly version!: number;
  @ApiProperty() readonly updatedAt!: string;
  @ApiProperty() readonly updatedBy!: string;
}

export class AddRepetition {
  @ApiProperty() @IsString() @MaxLength(60) readonly drillId!: string;
  @ApiProperty() @IsBoolean() readonly good!: boolean;
  @ApiPropertyOptional() @IfGiven() @IsString() @MaxLength(60) readonly miss?: string;
  @ApiPropertyOptional({ ...NULLABLE, description: 'Step of the dose, 0 for the first' })
  @IsOptional()
  @IsInt()
  @Min(0)
  @Max(DOSE.steps - 1)
  readonly doseStep?: number | null;
  @ApiPropertyOptional(NULLABLE) @IsOptional() @IsNumber() @Min(-45) @Max(45) readonly feltDeg?:
    number | null;
  @ApiPropertyOptional(NULLABLE)
  @IsOptional()
  @IsNumber()
  @Min(-45)
  @Max(45)
  readonly measuredDeg?: number | null;
}

export class StoredRepetition {
  @ApiProperty() readonly id!: string;
  @ApiProperty() readonly drillId!: string;
  @ApiProperty() readonly good!: boolean;
  @ApiProperty() readonly miss!: string;
  @ApiProperty(NULLABLE) readonly doseStep!: number | null;
  @ApiProperty(NULLABLE) readonly feltDeg!: number | null;
  @ApiProperty(NULLABLE) readonly measuredDeg!: number | null;
  @ApiProperty() readonly at!: string;
  @ApiProperty({ description: 'Logged by the player from the page' }) readonly byPlayer!: boolean;
}
