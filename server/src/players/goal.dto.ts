import { CLUB_KINDS, FOLLOWED, GOAL_LIMITS } from '@loxos/core';
import type { ClubKind, FollowedFigure, Goal } from '@loxos/core';
import { ApiProperty } from '@nestjs/swagger';
import { IsIn, IsNumber, IsString, Matches, ValidateBy } from 'class-validator';
import { IsDay } from '../common/given.ts';

/** A number of a goal within what its figure allows; the ranges are the core's. */
const OfFigure = (name: 'wanted' | 'window'): PropertyDecorator => {
  const rangeOf = (goal: Partial<Goal>): readonly [number, number] => {
    // Whatever was sent as its figure: only what the limits name themselves is one.
    const figure = String(goal.figure);
    const { wanted, window } = Object.hasOwn(GOAL_LIMITS, figure)
      ? GOAL_LIMITS[figure as FollowedFigure]
      : GOAL_LIMITS.curveM;
    return name === 'window' ? window : [-wanted, wanted];
  };
  return ValidateBy({
    name: `${name}OfFigure`,
    validator: {
      validate: (value: unknown, args) => {
        const [min, max] = rangeOf(args?.object ?? {});
        return typeof value === 'number' && value >= min && value <= max;
      },
      defaultMessage: (args) => {
        const [min, max] = rangeOf(args?.object ?? {});
        return `${name} must be from ${min} to ${max}`;
      },
    },
  });
};

/** Where a number is to be by a day: degrees, m or mm, positive right and to the toe. */
export class GoalDto implements Goal {
  @ApiProperty()
  @IsString()
  @Matches(/^[\w-]{8,60}$/, { message: 'id: letters, digits, - and _, 8 to 60' })
  readonly id!: string;
  @ApiProperty({ enum: CLUB_KINDS })
  @IsIn(CLUB_KINDS, { message: `kind: choose one of ${CLUB_KINDS.join(', ')}` })
  readonly kind!: ClubKind;
  @ApiProperty({ enum: FOLLOWED })
  @IsIn(FOLLOWED, { message: `figure: choose one of ${FOLLOWED.join(', ')}` })
  readonly figure!: FollowedFigure;
  @ApiProperty() @IsNumber() @OfFigure('wanted') readonly wanted!: number;
  @ApiProperty() @IsNumber() @OfFigure('window') readonly window!: number;
  @ApiProperty({ description: 'ISO day' }) @IsDay() readonly by!: string;
  @ApiProperty({ description: 'ISO day' }) @IsDay() readonly setOn!: string;
}
