import { CLUB_KINDS, EFFECT_FIGURES } from '@loxos/core';
import type { ClubKind, DrillEffect, EffectFigure } from '@loxos/core';
import { ApiProperty } from '@nestjs/swagger';

/** What a drill block moved against the baseline of its lesson and club, degrees, positive right. */
export class PlayerEffect implements DrillEffect {
  @ApiProperty() readonly drillId!: string;
  @ApiProperty({ enum: CLUB_KINDS }) readonly kind!: ClubKind;
  @ApiProperty({ enum: EFFECT_FIGURES }) readonly figure!: EffectFigure;
  @ApiProperty() readonly byDeg!: number;
  @ApiProperty({ description: 'Standard error' }) readonly errorDeg!: number;
  @ApiProperty() readonly isClear!: boolean;
  @ApiProperty() readonly balls!: number;
}
