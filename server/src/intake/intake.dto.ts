import {
  BALL_QUANTITIES,
  DAY_ORDERS,
  HANDS,
  QUANTITY_NAMES,
  QUESTION_KINDS,
  ROW_FATES,
  SIDES,
  STANDARD_BAG,
  TEXT_MEANINGS,
  UNIT_FACTORS,
} from '@loxos/core';
import type { ColumnMeaning, DayOrder, Hand, RowFate, Side, SignRule, Unit } from '@loxos/core';
import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsObject,
  IsOptional,
  IsString,
  MaxLength,
  Min,
  ValidateNested,
} from 'class-validator';
import { IfGiven } from '../common/given.ts';

const MEANINGS = [...QUANTITY_NAMES, ...TEXT_MEANINGS] as const satisfies readonly ColumnMeaning[];
const UNITS = Object.keys(UNIT_FACTORS) as Unit[];
const SIGN_RULES = ['target', 'hand-club', 'hand-all'] as const satisfies readonly SignRule[];
const CLUBS = STANDARD_BAG.map(({ id }) => id);
const FATES = [...ROW_FATES, 'known'] as const;

/** What the coach says one column holds. */
export class ColumnAnswer {
  @ApiProperty() @IsString() @MaxLength(200) readonly header!: string;

  @ApiProperty({ enum: MEANINGS, nullable: true, type: String })
  @IsOptional()
  @IsIn(MEANINGS)
  readonly meaning!: ColumnMeaning | null;

  @ApiPropertyOptional({ enum: UNITS, nullable: true, type: String })
  @IsOptional()
  @IsIn(UNITS)
  readonly unit?: Unit | null;

  @ApiPropertyOptional({
    enum: SIDES,
    nullable: true,
    type: String,
    description: 'What plus stands for; null leaves it to the file',
  })
  @IsOptional()
  @IsIn(SIDES)
  readonly plus?: Side | null;

  @ApiPropertyOptional({
    nullable: true,
    type: Boolean,
    description: 'Whether its signs are the other way round than they are read',
  })
  @IsOptional()
  @IsBoolean()
  readonly turned?: boolean | null;

  @ApiPropertyOptional({
    nullable: true,
    type: Boolean,
    description: 'Whether a face is given where the ball was struck, and not in its middle',
  })
  @IsOptional()
  @IsBoolean()
  readonly atStrike?: boolean | null;
}

/** What club a file means where it says another. */
class ClubAnswer {
  @ApiProperty() @IsString() @MaxLength(60) readonly text!: string;

  @ApiProperty({ description: 'Id of a club of the standard bag' })
  @IsIn(CLUBS)
  readonly club!: string;
}

/** The coach's answers for a source; kept for its next file. */
export class IntakeAnswers {
  @ApiPropertyOptional({ type: [ColumnAnswer] })
  @IfGiven()
  @IsArray()
  @ArrayMaxSize(200)
  @ValidateNested({ each: true })
  @Type(() => ColumnAnswer)
  readonly columns?: ColumnAnswer[];

  @ApiPropertyOptional({ enum: SIGN_RULES })
  @IfGiven()
  @IsIn(SIGN_RULES)
  readonly signs?: SignRule;

  @ApiPropertyOptional({ enum: ['dot', 'comma'] })
  @IfGiven()
  @IsIn(['dot', 'comma'])
  readonly decimal?: 'dot' | 'comma';

  @ApiPropertyOptional({ enum: DAY_ORDERS, description: 'What days of three numbers begin with' })
  @IfGiven()
  @IsIn(DAY_ORDERS)
  readonly dayOrder?: DayOrder;

  @ApiPropertyOptional({
    type: [ClubAnswer],
    description: 'What club each was that the file calls something else; never kept',
  })
  @IfGiven()
  @IsArray()
  @ArrayMaxSize(50)
  @ValidateNested({ each: true })
  @Type(() => ClubAnswer)
  readonly clubs?: ClubAnswer[];

  @ApiPropertyOptional({
    type: [String],
    description: 'Which parts of a file of several players, hands or days are meant; never kept',
  })
  @IfGiven()
  @IsArray()
  @ArrayMaxSize(500)
  @IsString({ each: true })
  @MaxLength(200, { each: true })
  readonly parts?: string[];

  @ApiPropertyOptional({ description: 'What the source is called from now on' })
  @IfGiven()
  @IsString()
  @MaxLength(80)
  readonly name?: string;
}

/** A source of launch files that was told about. */
export class FileSource {
  @ApiProperty() readonly id!: string;
  @ApiProperty({ description: 'Empty where it was not named' }) readonly name!: string;
  @ApiProperty({ type: IntakeAnswers }) readonly answers!: IntakeAnswers;
  @ApiProperty() readonly updatedAt!: string;
}

export class ChangeSource {
  @ApiPropertyOptional() @IfGiven() @IsString() @MaxLength(80) readonly name?: string;

  @ApiPropertyOptional({ type: IntakeAnswers })
  @IfGiven()
  @IsObject()
  @ValidateNested()
  @Type(() => IntakeAnswers)
  readonly answers?: IntakeAnswers;
}

class Cell {
  @ApiProperty() readonly header!: string;
  @ApiProperty() readonly value!: string;
  @ApiProperty() readonly reason!: string;
}

export class Row {
  @ApiProperty() readonly line!: number;
  @ApiProperty({ enum: FATES }) readonly fate!: RowFate['fate'] | 'known';
  @ApiProperty() readonly reason!: string;
  @ApiProperty({ type: [Cell] }) readonly problems!: readonly Cell[];
  @ApiPropertyOptional({ description: 'The row as it came, where it was asked for' })
  readonly text?: string;
}

export class Column {
  @ApiProperty() readonly index!: number;
  @ApiProperty() readonly header!: string;
  @ApiProperty({ enum: MEANINGS, nullable: true, type: String })
  readonly meaning!: ColumnMeaning | null;
  @ApiProperty({ enum: UNITS, nullable: true, type: String }) readonly unit!: Unit | null;
  @ApiProperty({ enum: ['file', 'coach', 'usual', 'none'] })
  readonly unitFrom!: 'file' | 'coach' | 'usual' | 'none';
  @ApiProperty({ enum: SIDES, nullable: true, type: String }) readonly plus!: Side | null;
  @ApiProperty({ enum: ['file', 'coach', 'usual', 'unclear', 'none'] })
  readonly plusFrom!: 'file' | 'coach' | 'usual' | 'unclear' | 'none';
  @ApiProperty({ nullable: true, type: Boolean }) readonly turned!: boolean | null;
  @ApiProperty({ nullable: true, type: Boolean }) readonly atStrike!: boolean | null;
  @ApiProperty({ description: 'How sure the reading is, from 0 to 1' })
  readonly confidence!: number;
  @ApiProperty({ description: 'Why it is read so, or left out' }) readonly reason!: string;
  @ApiProperty({ type: [String] }) readonly examples!: readonly string[];
}

export class Choice {
  @ApiProperty() readonly label!: string;
  @ApiProperty({ type: IntakeAnswers }) readonly says!: {
    readonly columns?: readonly ColumnAnswer[];
    readonly signs?: SignRule;
    readonly decimal?: 'dot' | 'comma';
    readonly dayOrder?: DayOrder;
    readonly clubs?: readonly ClubAnswer[];
    readonly parts?: readonly string[];
  };
  @ApiProperty({ description: 'Whether it is what the file most likely means' })
  readonly isLikely!: boolean;
}

export class Question {
  @ApiProperty({ enum: QUESTION_KINDS }) readonly kind!: (typeof QUESTION_KINDS)[number];
  @ApiProperty() readonly text!: string;
  @ApiProperty({ type: [String] }) readonly headers!: readonly string[];
  @ApiProperty({
    type: [Choice],
    description: 'Answers to choose from; none where columns must be named',
  })
  readonly choices!: readonly Choice[];
}

/** Balls of one player, hand and day in a file. */
export class Part {
  @ApiProperty() readonly key!: string;
  @ApiProperty() readonly player!: string;
  @ApiProperty({ enum: HANDS, nullable: true, type: String }) readonly hand!: Hand | null;
  @ApiProperty() readonly day!: string;
  @ApiProperty({
    nullable: true,
    type: String,
    description: 'When it begins, with time and zone as far as the file says them',
  })
  readonly startsAt!: string | null;
  @ApiProperty() readonly ballCount!: number;
}

const CHANGING = ['club', ...BALL_QUANTITIES] as const;
const VALUE = { oneOf: [{ type: 'number' }, { type: 'string' }], nullable: true };

/** A figure, or the club, of a line that reads otherwise than before. */
export class ChangedFigure {
  @ApiProperty() readonly line!: number;
  @ApiProperty({ enum: CHANGING }) readonly quantity!: (typeof CHANGING)[number];
  @ApiProperty({ ...VALUE, description: 'A figure in the unit of its quantity, or a club’s id' })
  readonly from!: number | string | null;
  @ApiProperty(VALUE) readonly to!: number | string | null;
}

export class LaunchFile {
  @ApiProperty() readonly id!: string;
  @ApiProperty() readonly name!: string;
  @ApiProperty() readonly sizeBytes!: number;
  @ApiProperty() readonly receivedAt!: string;
  @ApiProperty() readonly ballCount!: number;
  @ApiProperty() readonly refusedCount!: number;
  @ApiProperty({ type: IntakeAnswers, description: 'What it was read by' })
  readonly answers!: IntakeAnswers;
}

/** The most rows of one answer. */
export const MOST_ROWS = 500;

export class RowsQuery {
  @ApiPropertyOptional({ description: 'So many rows are left out first', default: 0 })
  @IfGiven()
  @Type(() => Number)
  @IsInt()
  @Min(0)
  readonly skip?: number;

  @ApiPropertyOptional({ enum: FATES, description: 'Only rows of this fate' })
  @IfGiven()
  @IsIn(FATES)
  readonly fate?: (typeof FATES)[number];
}

/** How many rows of a file met a fate. */
export class FateCount {
  @ApiProperty({ enum: FATES }) readonly fate!: (typeof FATES)[number];
  @ApiProperty() readonly count!: number;
}

/** What became of a file's rows: the refused first, then the others, each in the order of the file. */
export class RowPage {
  @ApiProperty({ type: [Row], description: `At most ${MOST_ROWS}` }) readonly rows!: readonly Row[];
  @ApiProperty({ description: 'How many there are in all' }) readonly count!: number;
  @ApiProperty({ description: 'How many of them were refused' }) readonly refused!: number;
  @ApiProperty({ type: [FateCount], description: 'How many of the file met each fate' })
  readonly fates!: readonly FateCount[];
}

const OUTCOMES = ['added', 'known', 'questions', 'stopped'] as const;

/** What became of a dropped file. */
export class IntakeResult {
  @ApiProperty({
    enum: OUTCOMES,
    description:
      'added: balls are in the lesson; known: the file was here already, nothing added; questions: answer them and send it again, nothing added yet; stopped: as it was told, nothing added',
  })
  readonly outcome!: (typeof OUTCOMES)[number];
  @ApiProperty() readonly message!: string;
  @ApiProperty({ type: LaunchFile, nullable: true }) readonly file!: LaunchFile | null;
  @ApiProperty({ type: RowPage, description: 'What became of the first rows' })
  readonly rows!: RowPage;
  @ApiProperty({ type: [Column] }) readonly columns!: readonly Column[];
  @ApiProperty({ type: [Question] }) readonly questions!: readonly Question[];
  @ApiProperty({ type: [Part], description: 'Whose balls it holds, of which hand and day' })
  readonly parts!: readonly Part[];
  @ApiProperty({ type: [String], description: 'What was done that the file does not say itself' })
  readonly notes!: readonly string[];
  @ApiProperty({
    type: [ChangedFigure],
    description: 'Of a file read again: figures that read otherwise now, the first of them',
  })
  readonly changed!: readonly ChangedFigure[];
  @ApiProperty({ type: IntakeAnswers, description: 'All that was said of it, now and before' })
  readonly answers!: IntakeAnswers;
}
