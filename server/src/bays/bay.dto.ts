import { BLOCK_KINDS, HANDS, LIVE_MOST_BALLS, LIVE_VERSION, QUESTION_KINDS } from '@loxos/core';
import type { Hand } from '@loxos/core';
import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsNotEmpty,
  IsObject,
  IsOptional,
  IsString,
  Max,
  MaxLength,
  Min,
  ValidateNested,
} from 'class-validator';
import { IfGiven, IsInstant } from '../common/given.ts';
import { OneLine } from '../common/one-line.ts';
import { LIVE_FATES } from '../db/schema/bay.ts';
import { IntakeAnswers } from '../intake/intake.dto.ts';

export class CreateBay {
  @ApiProperty()
  @IsString()
  @IsNotEmpty({ message: 'name: name the bay' })
  @MaxLength(60)
  @OneLine()
  readonly name!: string;
}

export class UpdateBay {
  @ApiPropertyOptional()
  @IfGiven()
  @IsString()
  @IsNotEmpty({ message: 'name: name the bay' })
  @MaxLength(60)
  @OneLine()
  readonly name?: string;

  @ApiPropertyOptional({ type: String, nullable: true, description: 'The lesson its balls go to' })
  @IsOptional()
  @IsString()
  readonly lessonId?: string | null;

  @ApiPropertyOptional({ description: 'Whether its balls are taken as they come; they wait else' })
  @IfGiven()
  @IsBoolean()
  readonly isOn?: boolean;

  @ApiPropertyOptional({
    type: IntakeAnswers,
    nullable: true,
    description:
      'What its figures are; null takes back what was said, and its next balls are asked about',
  })
  @IsOptional()
  @IsObject()
  @ValidateNested()
  @Type(() => IntakeAnswers)
  readonly answers?: IntakeAnswers | null;
}

class BayChoice {
  @ApiProperty() readonly label!: string;
  @ApiProperty({ type: IntakeAnswers }) readonly says!: IntakeAnswers;
  @ApiProperty({ description: 'Whether it is what its sender most likely means' })
  readonly isLikely!: boolean;
}

/** What the first balls of a bay contradict, to be answered once. */
export class BayQuestion {
  @ApiProperty({ enum: QUESTION_KINDS }) readonly kind!: (typeof QUESTION_KINDS)[number];
  @ApiProperty() readonly text!: string;
  @ApiProperty({ type: [String] }) readonly headers!: readonly string[];
  @ApiProperty({ type: [BayChoice] }) readonly choices!: readonly BayChoice[];
}

export class Bay {
  @ApiProperty() readonly id!: string;
  @ApiProperty() readonly name!: string;
  @ApiProperty({ type: String, nullable: true, description: 'The lesson its balls go to' })
  readonly lessonId!: string | null;
  @ApiProperty({ type: String, nullable: true, description: 'Whose lesson that is' })
  readonly playerName!: string | null;
  @ApiProperty() readonly isOn!: boolean;
  @ApiProperty({
    type: String,
    nullable: true,
    description: 'When its token was made; null for none',
  })
  readonly tokenAt!: string | null;
  @ApiProperty({ type: String, nullable: true, description: 'When its sender was last heard' })
  readonly heardAt!: string | null;
  @ApiProperty({ description: 'Whether it was heard just now' }) readonly isHeard!: boolean;
  @ApiProperty({ description: 'Balls that wait in it for a lesson' }) readonly waiting!: number;
  @ApiProperty({ type: [BayQuestion] }) readonly doubts!: readonly BayQuestion[];
  @ApiProperty() readonly version!: number;
}

export class BayToken {
  @ApiProperty({ description: 'Told once; what is kept cannot be turned back into it' })
  readonly token!: string;
  @ApiProperty({ description: 'Where its sender posts its balls' }) readonly path!: string;
}

export class GiveWaiting {
  @ApiProperty({
    type: String,
    nullable: true,
    description: 'The lesson they are of; null throws them away',
  })
  @IsOptional()
  @IsString()
  readonly lessonId!: string | null;
}

export class GivenWaiting {
  @ApiProperty({ description: 'How many came into the lesson' }) readonly taken!: number;
  @ApiProperty({ description: 'How many could not be read, or were thrown away' })
  readonly left!: number;
}

/** A message of a sender: what its figures are, and balls. See docs/live.md. */
export class LiveMessage {
  @ApiProperty({ enum: [LIVE_VERSION] })
  @IsIn([LIVE_VERSION], { message: `version: this server reads version ${LIVE_VERSION}` })
  readonly version!: typeof LIVE_VERSION;

  @ApiProperty({ description: 'A name for this run of numbers: new whenever they begin anew' })
  @IsString()
  @IsNotEmpty({ message: 'source: name this run of numbers' })
  @MaxLength(100)
  @OneLine()
  readonly source!: string;

  @ApiProperty({
    type: 'object',
    additionalProperties: {
      type: 'object',
      required: ['unit'],
      properties: { unit: { type: 'string' }, plus: { type: 'string', nullable: true } },
    },
    description: 'Of each figure its unit, and what plus stands for where it has a side',
  })
  @IsObject()
  readonly quantities!: Record<string, unknown>;

  @ApiProperty({ type: 'array', items: { type: 'object' }, maxItems: LIVE_MOST_BALLS })
  @IsArray()
  @ArrayMaxSize(LIVE_MOST_BALLS)
  readonly balls!: unknown[];
}

/** A ball of a message. One that is not so is refused alone. */
export class LiveBallSaid {
  @ApiProperty({ description: 'Its number within the source' })
  @IsInt()
  @Min(0)
  @Max(Number.MAX_SAFE_INTEGER)
  readonly sequence!: number;

  @ApiPropertyOptional({ type: String, nullable: true })
  @IsOptional()
  @IsString()
  @MaxLength(60)
  @OneLine()
  readonly club?: string | null;

  @ApiPropertyOptional({ type: String, nullable: true, description: 'When it was hit' })
  @IsOptional()
  @IsInstant()
  readonly hitAt?: string | null;

  @ApiProperty({ type: 'object', additionalProperties: { type: 'number' } })
  @IsObject()
  readonly figures!: Record<string, unknown>;
}

const FATES = [...LIVE_FATES, 'known'] as const;

/** What became of a ball of a message. */
export class LiveFate {
  @ApiProperty({ type: Number, nullable: true, description: 'Null where it says none' })
  readonly sequence!: number | null;
  @ApiProperty({
    enum: FATES,
    description:
      'taken: it is in the lesson; waiting: no lesson is under way in the bay; known: it came before; refused: see the reason',
  })
  readonly fate!: (typeof FATES)[number];
  @ApiProperty({ description: 'Why it was refused; empty else' }) readonly reason!: string;
}

class LiveBlock {
  @ApiProperty({ enum: BLOCK_KINDS }) readonly kind!: (typeof BLOCK_KINDS)[number];
  @ApiProperty({ type: String, nullable: true }) readonly drillId!: string | null;
}

/** What is under way in a bay, for a sender that shows or needs it. Nobody is named. */
export class LiveNow {
  @ApiProperty() readonly bay!: string;
  @ApiProperty({ description: 'Whether balls are taken as they come' }) readonly isOn!: boolean;
  @ApiProperty({ enum: HANDS, nullable: true, type: String, description: 'Null without a lesson' })
  readonly hand!: Hand | null;
  @ApiProperty({ type: LiveBlock, nullable: true }) readonly block!: LiveBlock | null;
}

export class LiveAnswer {
  @ApiProperty({ type: [LiveFate], description: 'One for each ball, in their order' })
  readonly fates!: readonly LiveFate[];
  @ApiProperty({ type: LiveNow }) readonly now!: LiveNow;
}
