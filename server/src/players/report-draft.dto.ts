import { CLUB_KINDS, FINDINGS_AT_MOST, PAGE_DEFAULTS } from '@loxos/core';
import type { ClubKind } from '@loxos/core';
import { ApiPropertyOptional } from '@nestjs/swagger';
import { ArrayMaxSize, IsArray, IsIn, IsOptional, ValidateBy } from 'class-validator';
import { IsDay } from '../common/given.ts';
import { IsRichText } from '../common/rich-text.ts';

/** Texts of which some are not written over: null in their place. */
const Written =
  (most: number): PropertyDecorator =>
  (target, name) => {
    const decorators = [
      ApiPropertyOptional({ type: 'array', items: { type: 'string', nullable: true } }),
      IsOptional(),
      IsArray(),
      ArrayMaxSize(most),
      ValidateBy({
        name: 'isWritten',
        validator: {
          validate: (list: unknown) =>
            Array.isArray(list) &&
            list.every((text) => text === null || (typeof text === 'string' && text.length <= 400)),
          defaultMessage: () => `${String(name)}: at most 400 letters each`,
        },
      }),
    ];
    for (const decorate of decorators) decorate(target, name);
  };

/** The report being written: what the coach chose and wrote over; what is left out is as the record makes it. */
export class ReportDraftDto {
  @ApiPropertyOptional({ description: 'ISO days' }) @IsOptional() @IsDay() readonly from?: string;
  @ApiPropertyOptional() @IsOptional() @IsDay() readonly to?: string;
  @ApiPropertyOptional({ enum: CLUB_KINDS })
  @IsOptional()
  @IsIn(CLUB_KINDS)
  readonly kind?: ClubKind;
  @Written(FINDINGS_AT_MOST) readonly findings?: (string | null)[];
  @Written(PAGE_DEFAULTS.points) readonly points?: (string | null)[];
  @ApiPropertyOptional() @IsOptional() @IsDay() readonly nextLook?: string;
  @ApiPropertyOptional({ type: 'object', additionalProperties: true, nullable: true })
  @IsOptional()
  @IsRichText()
  readonly words?: Record<string, unknown> | null;
}
