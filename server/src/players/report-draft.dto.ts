import { CLUB_KINDS, FINDINGS_AT_MOST, PAGE_DEFAULTS } from '@loxos/core';
import type { ClubKind, ReportDraft } from '@loxos/core';
import { ArrayMaxSize, IsArray, IsIn, IsOptional, ValidateBy } from 'class-validator';
import { IsDay } from '../common/given.ts';
import { IsRichText } from '../common/rich-text.ts';

/** Texts of which some are not written over: null in their place. */
const Written =
  (most: number): PropertyDecorator =>
  (target, name) => {
    const decorators = [
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
export class ReportDraftDto implements ReportDraft {
  @IsOptional() @IsDay() readonly from?: string;
  @IsOptional() @IsDay() readonly to?: string;
  @IsOptional()
  @IsIn(CLUB_KINDS)
  readonly kind?: ClubKind;
  @Written(FINDINGS_AT_MOST) readonly findings?: readonly (string | null)[];
  @Written(PAGE_DEFAULTS.points) readonly points?: readonly (string | null)[];
  @IsOptional() @IsDay() readonly nextLook?: string;
  @IsOptional()
  @IsRichText()
  readonly words?: Record<string, unknown> | null;
}
