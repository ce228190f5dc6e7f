import { Matches } from 'class-validator';

/** A text in one line: in a calendar or a head a break in it would begin something else. */
export const OneLine = (): PropertyDecorator =>
  Matches(/^\P{Cc}*$/u, {
    message: '$property: write it in one line, without control characters',
  });

/** Returns a text as one line: what was stored before this was looked at. */
export const inOneLine = (text: string): string => text.replace(/\p{Cc}+/gu, ' ');
