import { THING_NAMES, VERBS } from '@loxos/core';
import type { Step, ThingName, Verb } from '@loxos/core';
import { ApiExtraModels, ApiProperty, ApiPropertyOptional, getSchemaPath } from '@nestjs/swagger';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsIn,
  IsInt,
  IsObject,
  IsOptional,
  IsString,
  Matches,
  Max,
  MaxLength,
  Min,
  ValidateNested,
} from 'class-validator';
import { Ball, CreateBall, UpdateBall } from '../balls/ball.dto.ts';
import { CreateBay, UpdateBay } from '../bays/bay.dto.ts';
import { Block, StartBlock, UpdateBlock } from '../blocks/block.dto.ts';
import { IfGiven, IsInstant } from '../common/given.ts';
import { Problem } from '../common/problem.ts';
import { CreateOwnDrill, OwnDrill } from '../drills/drill.dto.ts';
import { ChangeSource, FileSource, LaunchFile } from '../intake/intake.dto.ts';
import { CreateLesson, LessonSummary, UpdateLesson } from '../lessons/lesson.dto.ts';
import { AddWord, PageWord, TickHomework } from '../pages/page.dto.ts';
import { CreatePlayer, Player, UpdatePlayer } from '../players/player.dto.ts';
import { StoredSettings } from '../settings/setting.dto.ts';
import { AddRepetition, LessonPart, StoredRepetition } from '../steps/part.dto.ts';

/** As many changes as are sent at once, and as many things as one of them changes. */
export const MOST_CHANGES = 100;
export const MOST_STEPS = 500;

const NAME = /^[\w-]{1,60}$/;
const NAME_WORDS = 'letters, digits, - and _, at most 60';
const THING_ID = /^[\w.:+-]{1,120}$/;
const FIELDS = { type: 'object', additionalProperties: true } as const;

/** What is said of a thing when it is made or changed. */
const SAID = [
  ...[CreatePlayer, UpdatePlayer, CreateLesson, UpdateLesson, CreateBall, UpdateBall],
  ...[StartBlock, UpdateBlock, AddRepetition, CreateOwnDrill, ChangeSource, AddWord, TickHomework],
  ...[CreateBay, UpdateBay],
];

/** What a changed thing is read as. */
const READ = [
  ...[Player, LessonSummary, Ball, Block, LessonPart, StoredRepetition, LaunchFile],
  ...[OwnDrill, FileSource, StoredSettings, PageWord],
];
type Read = InstanceType<(typeof READ)[number]>;

/** One thing that a change does. */
export class StepDto implements Step {
  @ApiProperty({ enum: THING_NAMES }) @IsIn(THING_NAMES) readonly thing!: ThingName;
  @ApiProperty({ enum: VERBS }) @IsIn(VERBS) readonly verb!: Verb;

  @ApiProperty({ description: 'Its own id, chosen by who adds it; a part’s is `<lesson>.setup`' })
  @Matches(THING_ID, { message: 'id: letters, digits, . : + - and _, at most 120' })
  readonly id!: string;

  @ApiProperty({
    description:
      'The id of what it is of: a ball’s lesson. Empty for none, or where the thing is there',
  })
  @IsString()
  @MaxLength(60)
  readonly of: string = '';

  @ApiProperty({
    ...FIELDS,
    description:
      'What is said of it, by the schemas named after it; of a part and of the settings by path, such as `observations.chest`',
  })
  @IsObject()
  readonly fields: Record<string, unknown> = {};

  @ApiProperty({ type: Number, nullable: true, description: 'The version that was seen' })
  @IsOptional()
  @IsInt()
  @Min(0)
  @Max(999_999_999)
  readonly seen: number | null = null;

  @ApiPropertyOptional({
    ...FIELDS,
    description: 'What the fields that are written must still be, or 409',
  })
  @IfGiven()
  @IsObject()
  readonly was?: Record<string, unknown>;
}

/** What a person did, as one: all of it is taken, or none. */
export class ChangeDto {
  @ApiProperty({ description: 'Chosen by the writer: sent twice, it is taken once' })
  @Matches(NAME, { message: `id: ${NAME_WORDS}` })
  readonly id!: string;

  @ApiPropertyOptional({ description: 'When it was made, ISO 8601' })
  @IfGiven()
  @IsInstant()
  readonly at?: string;

  @ApiProperty({ type: [StepDto] })
  @IsArray()
  @ArrayMinSize(1)
  @ArrayMaxSize(MOST_STEPS, { message: `steps: ${MOST_STEPS} at most in one change` })
  @ValidateNested({ each: true })
  @Type(() => StepDto)
  readonly steps!: StepDto[];
}

/** Changes in the order made, each taken or refused by itself. */
@ApiExtraModels(...SAID)
export class ChangesDto {
  @ApiPropertyOptional({ description: 'The device they were made on' })
  @IfGiven()
  @Matches(NAME, { message: `device: ${NAME_WORDS}` })
  readonly device?: string;

  @ApiProperty({ type: [ChangeDto] })
  @IsArray()
  @ArrayMaxSize(MOST_CHANGES, { message: `changes: ${MOST_CHANGES} at most at once` })
  @ValidateNested({ each: true })
  @Type(() => ChangeDto)
  readonly changes!: ChangeDto[];
}

/** A thing that was changed, as it is since. */
@ApiExtraModels(...READ)
export class ChangedThing {
  @ApiProperty({ enum: THING_NAMES }) readonly thing!: ThingName;
  @ApiProperty() readonly id!: string;
  @ApiProperty({
    oneOf: READ.map((type) => ({ $ref: getSchemaPath(type) })),
    nullable: true,
    description: 'Null where it is taken away',
  })
  readonly value!: Read | null;
}

/** What became of a change. */
export class ChangeAnswer {
  @ApiProperty() readonly id!: string;
  @ApiProperty({ type: Problem, nullable: true, description: 'Null where it was taken' })
  readonly problem!: Problem | null;
  @ApiProperty({ type: [ChangedThing], description: 'None at a page' })
  readonly things!: ChangedThing[];
}

/** In the order sent; those after one that the server itself failed on are left out, to be sent again. */
export class ChangesAnswer {
  @ApiProperty({ type: [ChangeAnswer] }) readonly answers!: ChangeAnswer[];
}
