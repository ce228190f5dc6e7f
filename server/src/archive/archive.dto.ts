import { ApiProperty } from '@nestjs/swagger';
import { IsString, MaxLength } from 'class-validator';

/** What came with an archive. */
export class BroughtIn {
  @ApiProperty({ description: 'The academy it was taken out of' }) readonly academy!: string;
  @ApiProperty() readonly players!: number;
  @ApiProperty() readonly lessons!: number;
  @ApiProperty() readonly balls!: number;
}

export class ErasePlayer {
  @ApiProperty({ description: 'The player’s name as it stands: nothing brings them back' })
  @IsString()
  @MaxLength(80)
  readonly name!: string;
}
