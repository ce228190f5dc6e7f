import { QUANTITY_NAMES, UNIT_FACTORS } from '@loxos/core';
import type { ColumnMeaning, RowFate, SignRule, Unit } from '@loxos/core';
import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  IsArray,
  IsIn,
  IsInt,
  IsOptional,
  IsString,
  MaxLength,
  Min,
  ValidateNested,
} from 'class-validator';
import { IfGiven } from '../common/given.ts';

const MEANINGS = [...QUANTITY_NAMES, 'club', 'hitAt'] as const satisfies readonly ColumnMeaning[];
const UNITS = Object.keys(UNIT_FACTORS) as Unit[];
const SIGN_RULES = ['target', 'hand-club', 'hand-all'] as const satisfies readonly SignRule[];
const FATES = ['ball', 'rejected', 'header', 'units', 'preamble', 'summary', 'blank'] as const;

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
}

class Cell {
  @ApiProperty() readonly header!: string;
  @ApiProperty() readonly value!: string;
  @ApiProperty() readonly reason!: string;
}

export class Row {
  @ApiProperty() readonly line!: number;
  @ApiProperty({ enum: [...FATES, 'known'] }) readonly fate!: RowFate['fate'] | 'known';
  @ApiProperty() readonly reason!: string;
  @ApiProperty({ type: [Cell] }) readonly problems!: readonly Cell[];
}

export class Column {
  @ApiProperty() readonly index!: number;
  @ApiProperty() readonly header!: string;
  @ApiProperty({ enum: MEANINGS, nullable: true, type: String })
  readonly meaning!: ColumnMeaning | null;
  @ApiProperty({ enum: UNITS, nullable: true, type: String }) readonly unit!: Unit | null;
  @ApiProperty({ enum: ['file', 'coach', 'usual', 'none'] })
  readonly unitFrom!: 'file' | 'coach' | 'usual' | 'none';
  @ApiProperty({ type: [String] }) readonly examples!: readonly string[];
}

export class Question {
  @ApiProperty({ enum: ['unit', 'signs', 'decimal', 'columns'] })
  readonly kind!: 'unit' | 'signs' | 'decimal' | 'columns';
  @ApiProperty() readonly text!: string;
  @ApiPropertyOptional() readonly header?: string;
  @ApiPropertyOptional() readonly label?: string;
  @ApiPropertyOptional({ type: [String], enum: UNITS }) readonly choices?: readonly Unit[];
  @ApiPropertyOptional({ type: [String] }) readonly headers?: readonly string[];
  @ApiPropertyOptional() readonly example?: string;
}

export class LaunchFile {
  @ApiProperty() readonly id!: string;
  @ApiProperty() readonly name!: string;
  @ApiProperty() readonly sizeBytes!: number;
  @ApiProperty() readonly receivedAt!: string;
  @ApiProperty() readonly ballCount!: number;
  @ApiProperty() readonly refusedCount!: number;
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
}

/** What became of a file's rows: the refused first, then the others, each in the order of the file. */
export class RowPage {
  @ApiProperty({ type: [Row], description: `At most ${MOST_ROWS}` }) readonly rows!: readonly Row[];
  @ApiProperty({ description: 'How many there are in all' }) readonly count!: number;
  @ApiProperty({ description: 'How many of them were refused' }) readonly refused!: number;
}

const OUTCOMES = ['added', 'known', 'questions'] as const;

/** What became of a dropped file. */
export class IntakeResult {
  @ApiProperty({
    enum: OUTCOMES,
    description:
      'added: balls are in the lesson; known: the file was here already, nothing added; questions: answer them and send it again, nothing added yet',
  })
  readonly outcome!: (typeof OUTCOMES)[number];
  @ApiProperty() readonly message!: string;
  @ApiProperty({ type: LaunchFile, nullable: true }) readonly file!: LaunchFile | null;
  @ApiProperty({ type: RowPage, description: 'What became of the first rows' })
  readonly rows!: RowPage;
  @ApiProperty({ type: [Column] }) readonly columns!: readonly Column[];
  @ApiProperty({ type: [Question] }) readonly questions!: readonly Question[];
}
