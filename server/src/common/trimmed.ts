import { Transform } from 'class-transformer';

/** A text without the space around it. */
export const trimmed = Transform(({ value }: { value: unknown }) =>
  typeof value === 'string' ? value.trim() : value,
);
