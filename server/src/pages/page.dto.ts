import { CLUB_KINDS, HANDS, LENGTH_UNITS } from '@loxos/core';
import type { ClubKind, Hand, LengthUnit, PageContent, PagePeriod } from '@loxos/core';
import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import {
  IsBoolean,
  IsIn,
  IsInt,
  IsNotEmpty,
  IsOptional,
  IsString,
  Max,
  MaxLength,
  Min,
} from 'class-validator';
import { OfCore } from '../common/core-shape.ts';
import { trimmed } from '../common/trimmed.ts';
import { HomeworkLine, StoredRepetition } from '../steps/part.dto.ts';

/** As long as a link opens its page, days. */
export const MOST_PAGE_DAYS = 180;

class Lasting {
  @ApiProperty({ description: 'Days until the link ends' })
  @IsInt()
  @Min(1)
  @Max(MOST_PAGE_DAYS)
  readonly days!: number;
}

/** What of a lesson is given; the server makes the page, with what the coach wrote over it in the lesson's `send` part. */
export class SharePage extends Lasting {
  @ApiPropertyOptional({
    type: String,
    nullable: true,
    description: 'The club it is about; the one hit most, where left out',
  })
  @IsOptional()
  @IsString()
  @MaxLength(60)
  readonly club?: string | null;
}

/** What of a player's record is given; the server makes the report, with the player's `report` over it. */
export class ShareReport extends Lasting {
  @ApiPropertyOptional({
    enum: CLUB_KINDS,
    description: 'Where the report itself says none; the kind hit most, where left out',
  })
  @IsOptional()
  @IsIn(CLUB_KINDS, { message: `kind: choose one of ${CLUB_KINDS.join(', ')}` })
  readonly kind?: ClubKind;
}

/** What a player wrote back. */
export class PageWord {
  @ApiProperty() readonly id!: string;
  @ApiProperty() readonly text!: string;
  @ApiProperty() readonly at!: string;
}

export class AddWord {
  @ApiProperty()
  @trimmed
  @IsString()
  @IsNotEmpty({ message: 'text: write something' })
  @MaxLength(500, { message: 'text: at most 500 letters' })
  readonly text!: string;
}

export class SharedPage {
  @ApiProperty() readonly id!: string;
  @ApiProperty() readonly createdAt!: string;
  @ApiProperty() readonly expiresAt!: string;
  @ApiProperty({ type: String, nullable: true }) readonly withdrawnAt!: string | null;
  @ApiProperty({ type: [String], description: 'Days the player has ticked' })
  readonly ticked!: string[];
  @ApiProperty({ type: [PageWord], description: 'What the player wrote back, the oldest first' })
  readonly said!: PageWord[];
  @ApiProperty({ type: [String] }) readonly points!: readonly string[];
  @ApiProperty({ type: [HomeworkLine] }) readonly homework!: readonly HomeworkLine[];
  @ApiProperty() readonly nextLook!: string;
  @OfCore('PagePeriod', { isNullable: true, description: 'Of a report' })
  readonly period!: PagePeriod | null;
}

/** Only the answer to sharing holds the link. */
export class NewSharedPage extends SharedPage {
  @ApiProperty() readonly token!: string;
}

/** What a page says beside its content. */
export class PageHead {
  @ApiProperty() readonly playerName!: string;
  @ApiProperty({ enum: HANDS }) readonly hand!: Hand;
  @ApiProperty({ enum: LENGTH_UNITS }) readonly lengthUnit!: LengthUnit;
  @ApiProperty() readonly academy!: string;
  @ApiProperty() readonly date!: string;
  @ApiProperty() readonly expiresAt!: string;
  @ApiProperty({ type: [String] }) readonly ticked!: string[];
  @ApiProperty({ type: [StoredRepetition] }) readonly repetitions!: StoredRepetition[];
  @ApiProperty({ type: [PageWord], description: 'What they wrote back' })
  readonly said!: PageWord[];
}

/** A page as its player sees it. */
export type PlayerPage = PageContent & PageHead;

export class TickHomework {
  @ApiProperty() @IsBoolean() readonly done!: boolean;
}
