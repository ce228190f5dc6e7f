import { OneLine } from '../common/one-line.ts';
import { ApiProperty } from '@nestjs/swagger';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  IsArray,
  IsIn,
  IsNotEmpty,
  IsNumber,
  IsString,
  Max,
  MaxLength,
  Min,
  ValidateNested,
} from 'class-validator';

const KINDS = ['stick', 'peg', 'ball', 'rod', 'cover', 'line'] as const;

/** A part of a station, m from the ball; out is away from the player, whatever the hand. */
export class OwnPart {
  @ApiProperty({ enum: KINDS }) @IsIn(KINDS) readonly kind!: (typeof KINDS)[number];
  @ApiProperty() @IsString() @MaxLength(60) readonly label!: string;
  @ApiProperty() @IsNumber() @Min(-10) @Max(10) readonly alongM!: number;
  @ApiProperty() @IsNumber() @Min(-5) @Max(5) readonly outM!: number;
  @ApiProperty() @IsNumber() @Min(0) @Max(5) readonly lengthM!: number;
  @ApiProperty() @IsNumber() @Min(-180) @Max(180) readonly angleDeg!: number;
}

export class CreateOwnDrill {
  @ApiProperty()
  @IsString()
  @IsNotEmpty({ message: 'name: name the drill' })
  @MaxLength(60)
  @OneLine()
  readonly name!: string;
  @ApiProperty({ enum: [-1, 0, 1] }) @IsIn([-1, 0, 1]) readonly movesPath!: -1 | 0 | 1;
  @ApiProperty({ enum: [-1, 0, 1] }) @IsIn([-1, 0, 1]) readonly movesFace!: -1 | 0 | 1;
  @ApiProperty()
  @IsString()
  @IsNotEmpty({ message: 'how: say how it is done' })
  @MaxLength(600)
  readonly how!: string;
  @ApiProperty()
  @IsString()
  @IsNotEmpty({ message: 'good: say what a good repetition looks like' })
  @MaxLength(300)
  readonly good!: string;
  @ApiProperty({ type: [OwnPart] })
  @IsArray()
  @ArrayMaxSize(20)
  @ValidateNested({ each: true })
  @Type(() => OwnPart)
  readonly parts!: OwnPart[];
}

export class OwnDrill extends CreateOwnDrill {
  @ApiProperty() readonly id!: string;
}
