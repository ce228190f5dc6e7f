import { CLUB_KINDS } from '@loxos/core';
import type {
  ClubKind,
  HomeworkDue,
  MovedOverAll,
  PlayerRecord,
  Standing,
  StationDay as DayAtStation,
} from '@loxos/core';
import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import { IsIn, IsISO8601 } from 'class-validator';
import { OfCore } from '../common/core-shape.ts';
import { IfGiven, IsDay } from '../common/given.ts';

export class RecordQuery {
  @ApiPropertyOptional({ enum: CLUB_KINDS, description: 'The kind hit most, where left out' })
  @IfGiven()
  @IsIn(CLUB_KINDS, { message: `kind: choose one of ${CLUB_KINDS.join(', ')}` })
  readonly kind?: ClubKind;

  @ApiPropertyOptional({ description: 'Only visits from this ISO day on' })
  @IfGiven()
  @IsDay()
  readonly from?: string;

  @ApiPropertyOptional({ description: 'Only visits up to this ISO day' })
  @IfGiven()
  @IsDay()
  readonly to?: string;

  @ApiPropertyOptional({
    description: 'ISO day the second of the two periods begins at; the last change, where left out',
  })
  @IfGiven()
  @IsDay()
  readonly parted?: string;
}

export class StandingsQuery {
  @ApiPropertyOptional({
    description: 'Only players who went away from the wanted since this ISO day',
  })
  @IfGiven()
  @IsISO8601({}, { message: 'since: write a day as 2026-05-04' })
  readonly since?: string;
}

export class MovedQuery {
  @ApiProperty({ enum: CLUB_KINDS })
  @IsIn(CLUB_KINDS, { message: `kind: choose one of ${CLUB_KINDS.join(', ')}` })
  readonly kind!: ClubKind;
}

/** A day on which homework was due. */
export class HomeworkDay implements HomeworkDue {
  @ApiProperty({ description: 'ISO date' }) readonly date!: string;
  @ApiProperty() readonly isDone!: boolean;
}

/** Repetitions of a drill on a day. */
export class StationDay implements DayAtStation {
  @ApiProperty() readonly drillId!: string;
  @ApiProperty({ description: 'ISO date' }) readonly date!: string;
  @ApiProperty() readonly good!: number;
  @ApiProperty() readonly of!: number;
  @ApiProperty({ type: Number, nullable: true, description: 'Highest step of the dose that day' })
  readonly doseStep!: number | null;
  @ApiProperty({ description: 'Logged by the player, from their page' }) readonly isHome!: boolean;
}

export class RecordAnswer {
  @OfCore('PlayerRecord', {
    isNullable: true,
    description: 'Degrees, m, positive right; null before the first named club',
  })
  readonly record!: PlayerRecord | null;

  @ApiProperty({ type: [StationDay], description: 'In the order of days' })
  readonly stations!: StationDay[];

  @ApiProperty({ type: [HomeworkDay], description: 'In the order of days' })
  readonly homework!: HomeworkDay[];
}

export class PlayerStandings {
  @ApiProperty() readonly playerId!: string;
  @OfCore('Standing', { isList: true, description: 'A kind of club each, the one hit most first' })
  readonly standings!: Standing[];
}

export class AcademyMoved {
  @OfCore('MovedOverAll', {
    isList: true,
    description: 'Degrees, as a right-hander’s; those that are clear first',
  })
  readonly moved!: MovedOverAll[];
}
