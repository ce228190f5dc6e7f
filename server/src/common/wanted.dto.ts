import { CLUB_KINDS, RULED_OUT, SHAPES, WANTED_RANGES } from '@loxos/core';
import type { ClubKind, RuledOut, Shape, Wanted, WantedByClub } from '@loxos/core';
import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import { Type } from 'class-transformer';
import {
  IsBoolean,
  IsObject,
  IsIn,
  IsNumber,
  IsOptional,
  Max,
  Min,
  ValidateNested,
} from 'class-validator';
import { IfGiven } from './given.ts';

const within = (range: readonly [number, number], what: string): PropertyDecorator => {
  const [min, max] = range;
  const message = `${what} must be from ${min} to ${max}`;
  return (target, name) => {
    for (const decorate of [
      IsNumber({}, { message }),
      Min(min, { message }),
      Max(max, { message }),
    ]) {
      decorate(target, name);
    }
  };
};
const NULLABLE = { type: Number, nullable: true } as const;

/** A flight a player wants; ranges are the core's. */
export class WantedDto implements Wanted {
  @ApiProperty({ enum: SHAPES })
  @IsIn(SHAPES, { message: `shape: choose ${SHAPES.join(', ')}` })
  readonly shape!: Shape;

  @ApiPropertyOptional({ description: 'Whether somebody chose it; left out, as the rest says' })
  @IfGiven()
  @IsBoolean()
  readonly isSaid?: boolean;

  @ApiPropertyOptional({ ...NULLABLE, description: 'Start mark, degrees right of the target line' })
  @IsOptional()
  @within(WANTED_RANGES.startDeg, 'startDeg')
  readonly startDeg?: number | null;

  @ApiPropertyOptional({ ...NULLABLE, description: 'Finish, m right of the target line' })
  @IsOptional()
  @within(WANTED_RANGES.finishM, 'finishM')
  readonly finishM?: number | null;

  @ApiPropertyOptional({ enum: RULED_OUT })
  @IfGiven()
  @IsIn(RULED_OUT, { message: `ruledOut: choose ${RULED_OUT.join(', ')}` })
  readonly ruledOut?: RuledOut;

  @ApiPropertyOptional({ ...NULLABLE, description: 'Acceptable to each side, as a share of carry' })
  @IsOptional()
  @within(WANTED_RANGES.widthShare, 'widthShare')
  readonly widthShare?: number | null;
}

/** The flight wanted with a kind of club, where it is not that of all. */
export class WantedKindsDto implements Partial<Record<ClubKind, Wanted>> {
  declare readonly driver?: WantedDto;
  declare readonly fairway?: WantedDto;
  declare readonly hybrid?: WantedDto;
  declare readonly iron?: WantedDto;
  declare readonly wedge?: WantedDto;
}
for (const kind of CLUB_KINDS) {
  const decorators = [
    ApiPropertyOptional({ type: WantedDto }),
    IsOptional(),
    IsObject(),
    ValidateNested(),
    Type(() => WantedDto),
  ];
  for (const decorate of decorators) decorate(WantedKindsDto.prototype, kind);
}

/** What a player wants: of all clubs, and of a kind of club otherwise. */
export class WantedByClubDto implements WantedByClub {
  @ApiProperty({ type: WantedDto })
  @IsObject()
  @ValidateNested()
  @Type(() => WantedDto)
  readonly all!: WantedDto;

  @ApiPropertyOptional({ type: WantedKindsDto })
  @IfGiven()
  @IsObject()
  @ValidateNested()
  @Type(() => WantedKindsDto)
  readonly kinds?: WantedKindsDto;
}
