import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import { IsString, IsUUID, MaxLength } from 'class-validator';
import { Ball } from '../balls/ball.dto.ts';
import { Block } from '../blocks/block.dto.ts';
import { LaunchFile } from '../intake/intake.dto.ts';
import { SharedPage } from '../pages/page.dto.ts';
import { Player } from '../players/player.dto.ts';
import { LessonPart, StoredRepetition } from '../steps/part.dto.ts';
import { IfGiven, IsInstant } from '../common/given.ts';

export class RepeatLesson {
  @ApiProperty({ description: 'ISO 8601 instant' })
  @IsInstant()
  readonly startsAt!: string;
}

export class CreateLesson {
  @ApiPropertyOptional({ description: 'Chosen by the caller, so that a repeat adds nothing' })
  @IfGiven()
  @IsUUID()
  readonly id?: string;

  @ApiProperty()
  @IsUUID()
  readonly playerId!: string;

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

export class Lesson extends LessonSummary {
  @ApiProperty({ type: [Ball] }) readonly balls!: Ball[];
  @ApiProperty({ type: [Block], description: 'In the order begun; the last is under way' })
  readonly blocks!: Block[];
  @ApiProperty({ type: [LaunchFile] }) readonly files!: LaunchFile[];
  @ApiProperty({ type: [LessonPart] }) readonly parts!: LessonPart[];
  @ApiProperty({ type: [StoredRepetition] }) readonly repetitions!: StoredRepetition[];
  @ApiProperty({ type: [SharedPage] }) readonly pages!: SharedPage[];
  @ApiProperty({ type: String, nullable: true, description: 'The player’s lesson before this one' })
  readonly previousLessonId!: string | null;
}
