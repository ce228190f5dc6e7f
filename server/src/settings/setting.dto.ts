import { BAND_RANGES, NAMING_SCHOOLS } from '@loxos/core';
import type { Bands, NamingSchool } from '@loxos/core';
import { ApiProperty } from '@nestjs/swagger';
import { Type } from 'class-transformer';
import { IsIn, IsNumber, Max, Min, ValidateNested } from 'class-validator';

/** Where the academy draws the lines; ranges are the core's. */
export class BandsDto implements Bands {
  declare readonly pathNeutralDeg: number;
  declare readonly pathAcceptableDeg: number;
  declare readonly faceSquareDeg: number;
  declare readonly faceToPathSquareDeg: number;
  declare readonly startStraightDeg: number;
  declare readonly bendNoneShare: number;
  declare readonly bendStrongShare: number;
}

for (const [band, [min, max]] of Object.entries(BAND_RANGES)) {
  const message = `${band} must be from ${min} to ${max}`;
  const decorators = [
    ApiProperty({ type: Number, minimum: min, maximum: max }),
    IsNumber({}, { message }),
    Min(min, { message }),
    Max(max, { message }),
  ];
  for (const decorate of decorators) decorate(BandsDto.prototype, band);
}

export class Settings {
  @ApiProperty({ enum: NAMING_SCHOOLS })
  @IsIn(NAMING_SCHOOLS)
  readonly naming!: NamingSchool;

  @ApiProperty({ type: BandsDto })
  @ValidateNested()
  @Type(() => BandsDto)
  readonly bands!: BandsDto;
}
