import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import { IsString, IsUUID, MaxLength } from 'class-validator';
import { Player } from '../players/player.dto.ts';
import { IfGiven, IsInstant } from '../common/given.ts';

export class CreateLesson {
  @ApiProperty({ description: 'ISO 8601 instant' })
  @IsInstant()
  readonly startsAt!: string;

  @ApiPropertyOptional()
  @IfGiven()
  @IsString()
  @MaxLength(2000)
  readonly asked?: string;
}

export class UpdateLesson {
  @ApiPropertyOptional()
  @IfGiven()
  @IsInstant()
  readonly startsAt?: string;

  @ApiPropertyOptional()
  @IfGiven()
  @IsString()
  @MaxLength(2000)
  readonly asked?: string;
}

/** The most lessons of one answer: years of a player, or a season of an academy. */
export const MOST_LESSONS = 1000;

export class LessonQuery {
  @ApiPropertyOptional({ description: 'From this ISO 8601 instant' })
  @IfGiven()
  @IsInstant()
  readonly from?: string;

  @ApiPropertyOptional({ description: 'Before this ISO 8601 instant' })
  @IfGiven()
  @IsInstant()
  readonly to?: string;

  @ApiPropertyOptional()
  @IfGiven()
  @IsUUID()
  readonly playerId?: string;
}

export class LessonSummary {
  @ApiProperty() readonly id!: string;
  @ApiProperty() readonly startsAt!: string;
  @ApiProperty() readonly asked!: string;
  @ApiProperty() readonly ballCount!: number;
  @ApiProperty({ type: Player }) readonly player!: Player;
  @ApiProperty() readonly version!: number;
}

/** The last change of anything in a lesson by another device than asks: a newer one is a reason to look again. */
export class LastChange {
  @ApiProperty() readonly id!: string;
  @ApiProperty() readonly device!: string;
}

export class LessonHead extends LessonSummary {
  @ApiProperty({ type: String, nullable: true, description: 'The player’s lesson before this one' })
  readonly previousLessonId!: string | null;
  @ApiProperty({ type: LastChange, nullable: true }) readonly lastChange!: LastChange | null;
}
