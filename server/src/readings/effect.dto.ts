import { CLUB_KINDS, EFFECT_FIGURES } from '@loxos/core';
import type { ClubKind, DrillEffect, EffectFigure, EffectSize } from '@loxos/core';
import { ApiProperty } from '@nestjs/swagger';

export class PlayerEffectSize implements EffectSize {
  @ApiProperty() readonly byDeg!: number;
  @ApiProperty({ description: 'Standard error' }) readonly errorDeg!: number;
}

/** What a drill block moved against the baseline of its lesson and club, degrees, positive right. */
export class PlayerEffect extends PlayerEffectSize implements DrillEffect {
  @ApiProperty({
    type: String,
    nullable: true,
    description: 'Null: what a visit without a drill did from its first half to its second',
  })
  readonly drillId!: string | null;
  @ApiProperty({ enum: CLUB_KINDS }) readonly kind!: ClubKind;
  @ApiProperty({ enum: EFFECT_FIGURES }) readonly figure!: EffectFigure;
  @ApiProperty() readonly balls!: number;
  @ApiProperty({ description: 'Degrees of freedom of the error' }) readonly degrees!: number;
  @ApiProperty({ description: 'Share of a visit’s warming up between the two, 0 to 1' })
  readonly apart!: number;
  @ApiProperty({ type: PlayerEffectSize, nullable: true })
  readonly returned!: PlayerEffectSize | null;
}
