import {
  BALL_NOTE_AT_MOST,
  BALL_QUANTITIES,
  CONTACTS,
  KEEPS,
  OPEN_AMOUNTS,
  SEEN_BY,
  STANDARD_BAG,
  infoOf,
} from '@loxos/core';
import type { BallFigures, Contact, Keep, OpenAmount, SeenBy } from '@loxos/core';
import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import { Type } from 'class-transformer';
import { IsIn, IsInt, IsNumber, IsOptional, IsString, Max, MaxLength, Min } from 'class-validator';
import { IfGiven } from '../common/given.ts';

const CLUB_IDS = STANDARD_BAG.map((club) => club.id);

/** A ball's figures in SI, degrees and rev/min; ranges and units are the core's. */
const BallFiguresDto: new () => Partial<BallFigures> = class BallFiguresDto {};

for (const quantity of BALL_QUANTITIES) {
  const { label, unit, min, max } = infoOf(quantity);
  const reason = `${quantity}: ${label.toLowerCase()} must be from ${min} to ${max} ${unit}`;
  const decorators = [
    ApiPropertyOptional({
      type: Number,
      nullable: true,
      minimum: min,
      maximum: max,
      description: `${label}, ${unit}`,
    }),
    IsOptional(),
    IsNumber({ allowNaN: false, allowInfinity: false }, { message: reason }),
    Min(min, { message: reason }),
    Max(max, { message: reason }),
  ];
  for (const decorate of decorators) decorate(BallFiguresDto.prototype as object, quantity);
}

class BallFields extends BallFiguresDto {
  @ApiPropertyOptional({ type: String, nullable: true, enum: CLUB_IDS })
  @IsOptional()
  @IsIn(CLUB_IDS, { message: 'club: choose a club of the bag' })
  readonly club?: string | null;

  @ApiPropertyOptional({ type: String, nullable: true })
  @IsOptional()
  @IsString()
  @MaxLength(60)
  readonly clubText?: string | null;

  @ApiPropertyOptional({ enum: KEEPS })
  @IfGiven()
  @IsIn(KEEPS)
  readonly keep?: Keep;

  @ApiPropertyOptional({ enum: SEEN_BY })
  @IfGiven()
  @IsIn(SEEN_BY)
  readonly seen?: SeenBy;

  @ApiPropertyOptional({
    enum: OPEN_AMOUNTS,
    type: String,
    nullable: true,
    description: 'What an eye gave no size, only a side',
  })
  @IsOptional()
  @IsIn(OPEN_AMOUNTS)
  readonly openAmount?: OpenAmount | null;

  @ApiPropertyOptional({ enum: CONTACTS, type: String, nullable: true })
  @IsOptional()
  @IsIn(CONTACTS)
  readonly contact?: Contact | null;

  @ApiPropertyOptional()
  @IfGiven()
  @IsString()
  @MaxLength(BALL_NOTE_AT_MOST)
  readonly note?: string;
}

/** What is said of a ball that is put down by hand. */
export class CreateBall extends BallFields {}

/** What is changed of a ball: also the block it was hit in, null for none. */
export class UpdateBall extends BallFields {
  @ApiPropertyOptional({ type: String, nullable: true })
  @IsOptional()
  @IsString()
  @MaxLength(80)
  readonly blockId?: string | null;
}

export class Ball extends BallFiguresDto {
  @ApiProperty() readonly id!: string;
  @ApiProperty() readonly lessonId!: string;
  @ApiProperty() readonly ordinal!: number;
  @ApiProperty({ enum: KEEPS }) readonly keep!: Keep;
  @ApiProperty({ enum: SEEN_BY }) readonly seen!: SeenBy;
  @ApiProperty({ enum: OPEN_AMOUNTS, type: String, nullable: true })
  readonly openAmount!: OpenAmount | null;
  @ApiProperty({ enum: CONTACTS, type: String, nullable: true }) readonly contact!: Contact | null;
  @ApiProperty() readonly note!: string;
  @ApiProperty({ type: String, nullable: true }) readonly blockId!: string | null;
  @ApiProperty({ type: String, nullable: true }) readonly launchFileId!: string | null;
  @ApiProperty({ type: Number, nullable: true }) readonly line!: number | null;
  @ApiProperty({ type: String, nullable: true }) readonly club!: string | null;
  @ApiProperty({ type: String, nullable: true }) readonly clubText!: string | null;
  @ApiProperty({ type: String, nullable: true }) readonly hitAt!: string | null;
  @ApiProperty() readonly version!: number;
}

/** The most balls of one answer. */
export const MOST_BALLS = 1000;

export class BallsQuery {
  @ApiPropertyOptional({ description: 'Those after the ball of this ordinal' })
  @IfGiven()
  @Type(() => Number)
  @IsInt()
  @Min(0)
  readonly after?: number;
}

export class BallPage {
  @ApiProperty({ type: [Ball], description: `In the order hit, at most ${MOST_BALLS}` })
  readonly balls!: Ball[];
  @ApiProperty({
    type: Number,
    nullable: true,
    description: 'Ask for the rest after this; null where there is none',
  })
  readonly next!: number | null;
}
