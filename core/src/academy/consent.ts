/** Who is a minor, and what a parent or guardian has agreed to. Laws differ; the academy's own rules go before. */

/** What consent is asked for: a page behind a link, and pictures. */
export const CONSENT_KINDS = ['pages', 'pictures'] as const;
export type ConsentKind = (typeof CONSENT_KINDS)[number];

/** A consent that was noted. Days are of the academy. */
export interface Consent {
  readonly kind: ConsentKind;
  /** The last day it holds; null where none was said. */
  readonly until: string | null;
  /** Who noted it, and on which day. */
  readonly notedBy: string;
  readonly notedOn: string;
}

/** What is known of a player's age, and who speaks for them. */
export interface AgeAndConsent {
  /** The day of birth; null where it was not told. */
  readonly bornOn: string | null;
  /** Whether they are a minor where no day of birth was told. */
  readonly isMinor: boolean;
  /** The parent or guardian: a name, and how they are reached. */
  readonly guardian: string;
  readonly consents: readonly Consent[];
}

/** An adult of whom nothing was asked. */
export const NOTHING_NOTED: AgeAndConsent = {
  bornOn: null,
  isMinor: false,
  guardian: '',
  consents: [],
};

/** Who is as old is an adult, years (common practice, no source). */
const ADULT_YEARS = 18;

/** Returns whether somebody is a minor on a day (ISO). Born on 29 February they come of age on 1 March. */
export function isMinorOn({ bornOn, isMinor }: AgeAndConsent, day: string): boolean {
  if (bornOn === null) return isMinor;
  const adultFrom = `${String(Number(bornOn.slice(0, 4)) + ADULT_YEARS).padStart(4, '0')}${bornOn.slice(4)}`;
  return day.slice(0, 10) < adultFrom;
}

/** Returns whether something may be done on a day (ISO): adults speak for themselves. */
export const mayOn = (of: AgeAndConsent, kind: ConsentKind, day: string): boolean =>
  !isMinorOn(of, day) ||
  of.consents.some(
    (consent) =>
      consent.kind === kind && (consent.until === null || day.slice(0, 10) <= consent.until),
  );
