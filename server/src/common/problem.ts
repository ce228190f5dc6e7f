import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';

/** A field the caller got wrong, and why. */
export class FieldError {
  @ApiProperty() readonly field!: string;
  @ApiProperty() readonly reason!: string;
}

const PROBLEM_KINDS = [
  'invalid',
  'signed-out',
  'refused',
  'not-found',
  'conflict',
  'gone',
  'too-large',
  'too-many',
  'unavailable',
  'bug',
] as const;

/** The body of every error answer. */
export class Problem {
  @ApiProperty() readonly statusCode!: number;
  @ApiProperty({ enum: PROBLEM_KINDS }) readonly kind!: (typeof PROBLEM_KINDS)[number];
  @ApiProperty() readonly message!: string;
  @ApiProperty({ type: [FieldError] }) readonly fields!: FieldError[];
  @ApiPropertyOptional({
    type: 'object',
    additionalProperties: true,
    description: 'With a conflict: the fields as they are now, and the version',
  })
  readonly current?: Record<string, unknown>;
}
