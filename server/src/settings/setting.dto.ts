import { ACCURACY_RANGES, BAND_RANGES, FIRST_ROUTES, NAMING_SCHOOLS } from '@loxos/core';
import type { AcademyRules, Bands, FirstRoute, NamingSchool, SetAccuracy } from '@loxos/core';
import { ApiProperty } from '@nestjs/swagger';
import { Type } from 'class-transformer';
import { IsIn, IsNumber, IsObject, Max, Min, ValidateNested } from 'class-validator';

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

/** How far the academy's monitor may be off, degrees, one standard deviation. */
export class AccuracyDto implements SetAccuracy {
  declare readonly faceAngleDeg: number;
  declare readonly clubPathDeg: number;
  declare readonly spinAxisTiltDeg: number;
}

/** Declares a number of each range on a DTO. */
function declareNumbers(
  dto: abstract new () => object,
  ranges: Readonly<Record<string, readonly [number, number]>>,
): void {
  for (const [name, [min, max]] of Object.entries(ranges)) {
    const message = `${name} must be from ${min} to ${max}`;
    const decorators = [
      ApiProperty({ type: Number, minimum: min, maximum: max }),
      IsNumber({}, { message }),
      Min(min, { message }),
      Max(max, { message }),
    ];
    for (const decorate of decorators) decorate(dto.prototype as object, name);
  }
}
declareNumbers(BandsDto, BAND_RANGES);
declareNumbers(AccuracyDto, ACCURACY_RANGES);

/** The academy's rules; defaults and ranges are the core's. */
export class Settings implements AcademyRules {
  @ApiProperty({ enum: NAMING_SCHOOLS })
  @IsIn(NAMING_SCHOOLS)
  readonly naming!: NamingSchool;

  @ApiProperty({ enum: FIRST_ROUTES })
  @IsIn(FIRST_ROUTES)
  readonly firstRoute!: FirstRoute;

  @ApiProperty({ type: BandsDto })
  @IsObject()
  @ValidateNested()
  @Type(() => BandsDto)
  readonly bands!: BandsDto;

  @ApiProperty({ type: AccuracyDto })
  @IsObject()
  @ValidateNested()
  @Type(() => AccuracyDto)
  readonly accuracy!: AccuracyDto;
}

export class StoredSettings extends Settings {
  @ApiProperty() readonly version!: number;
}
