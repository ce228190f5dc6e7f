import { BLOCK_KINDS, DOSE, MOVES, PROOF_FIGURES } from '@loxos/core';
import type { BlockAim, BlockKind, Move, ProofFigure } from '@loxos/core';
import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  IsArray,
  IsIn,
  IsInt,
  IsObject,
  IsOptional,
  IsString,
  Max,
  MaxLength,
  Min,
  ValidateNested,
} from 'class-validator';
import { IfGiven } from '../common/given.ts';

const LAST_STEP = DOSE.steps - 1;

/** What a block is judged on, named before its balls are hit. */
export class BlockAimDto implements BlockAim {
  @ApiProperty({ enum: MOVES }) @IsIn(MOVES) readonly move!: Move;
  @ApiProperty({ enum: PROOF_FIGURES, isArray: true })
  @IsArray()
  @ArrayMaxSize(2, { message: 'judged: two figures at most' })
  @IsIn(PROOF_FIGURES, { each: true })
  readonly judged!: ProofFigure[];
  @ApiProperty({
    type: 'object',
    additionalProperties: { type: 'number' },
    description: 'Where each figure is to be, in SI and degrees',
  })
  @IsObject()
  readonly targets!: Partial<Record<ProofFigure, number>>;
}

class BlockFields {
  @ApiPropertyOptional({ type: String, nullable: true })
  @IsOptional()
  @IsString()
  @MaxLength(60)
  readonly drillId?: string | null;

  @ApiPropertyOptional({ type: Number, nullable: true, minimum: 0, maximum: LAST_STEP })
  @IsOptional()
  @IsInt()
  @Min(0)
  @Max(LAST_STEP)
  readonly doseStep?: number | null;

  @ApiPropertyOptional({ description: 'What was set up: "grip moved"' })
  @IfGiven()
  @IsString()
  @MaxLength(200)
  readonly note?: string;
}

export class StartBlock extends BlockFields {
  @ApiProperty({ enum: BLOCK_KINDS })
  @IsIn(BLOCK_KINDS, { message: `kind: choose ${BLOCK_KINDS.join(', ')}` })
  readonly kind!: BlockKind;

  @ApiPropertyOptional({ type: BlockAimDto, nullable: true })
  @IsOptional()
  @IsObject()
  @ValidateNested()
  @Type(() => BlockAimDto)
  readonly aim?: BlockAimDto | null;
}

export class UpdateBlock extends BlockFields {
  @ApiPropertyOptional({ enum: BLOCK_KINDS })
  @IfGiven()
  @IsIn(BLOCK_KINDS, { message: `kind: choose ${BLOCK_KINDS.join(', ')}` })
  readonly kind?: BlockKind;
}

export class Block {
  @ApiProperty() readonly id!: string;
  @ApiProperty({ enum: BLOCK_KINDS }) readonly kind!: BlockKind;
  @ApiProperty({ type: String, nullable: true }) readonly drillId!: string | null;
  @ApiProperty({ type: Number, nullable: true }) readonly doseStep!: number | null;
  @ApiProperty() readonly note!: string;
  @ApiProperty({ type: BlockAimDto, nullable: true }) readonly aim!: BlockAimDto | null;
  @ApiProperty() readonly startedAt!: string;
  @ApiProperty() readonly version!: number;
}
