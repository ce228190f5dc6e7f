/**
 * Misuse by name: only a caller's programming mistake throws, and the message says which parameter,
 * the bad value and what is allowed.
 */
export class RangeMisuse extends RangeError {
  readonly parameter: string;
  readonly value: unknown;

  constructor(parameter: string, value: unknown, allowed: string) {
    super(`${parameter} is ${String(value)}; it must be ${allowed}`);
    this.name = 'RangeMisuse';
    this.parameter = parameter;
    this.value = value;
  }
}

/** Returns `value` when it is a finite number in [min, max]; throws RangeMisuse otherwise. */
export function requireInRange(
  parameter: string,
  value: unknown,
  min: number,
  max: number,
  unit = '',
): number {
  if (typeof value !== 'number' || !Number.isFinite(value) || value < min || value > max) {
    const suffix = unit === '' ? '' : ` ${unit}`;
    throw new RangeMisuse(parameter, value, `a number from ${min} to ${max}${suffix}`);
  }
  return value;
}
