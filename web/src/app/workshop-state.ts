import {
  DELIVERY_RANGES,
  HANDS,
  LENGTH_UNITS,
  STANDARD_BAG,
  UNKNOWN_PLAYER,
  findClub,
  headOf,
  plainDelivery,
  turnFace,
} from '@loxos/core';
import type { Club, Delivery, FlightOptions, Hand, LengthUnit, SpeedUnit } from '@loxos/core';

/** The figures of a delivery a coach moves by hand. */
export type Moved = Omit<Delivery, 'hand'>;
export type MovedField = keyof Moved;

export interface WorkshopState {
  readonly hand: Hand;
  readonly clubId: string;
  readonly now: Moved;
  /** The other delivery, or null while there is only one. */
  readonly wanted: Moved | null;
  readonly windMps: number;
  /** Where the wind comes from, degrees: 0 the target, 90 the right. */
  readonly windFromDeg: number;
  readonly temperatureC: number;
  readonly altitudeM: number;
  readonly length: LengthUnit;
  /** Whether the loft stays when the face is turned; otherwise it follows, as a club turned about its shaft does. */
  readonly isLoftHeld: boolean;
  /** The lesson it was opened from; null for none. */
  readonly lessonId: string | null;
}

/** What a dial may be turned to: narrower than what the model takes, wide enough for any swing. */
export const DIALS: Readonly<
  Record<
    MovedField,
    {
      key: string;
      label: string;
      min: number;
      max: number;
      step: number;
      unit: string;
      side: boolean;
    }
  >
> = {
  faceAngleDeg: { key: 'f', label: 'Face', min: -15, max: 15, step: 0.1, unit: '°', side: true },
  clubPathDeg: { key: 'p', label: 'Path', min: -15, max: 15, step: 0.1, unit: '°', side: true },
  dynamicLoftDeg: {
    key: 'l',
    label: 'Dynamic loft',
    min: 2,
    max: 60,
    step: 0.1,
    unit: '°',
    side: false,
  },
  attackAngleDeg: {
    key: 'a',
    label: 'Attack',
    min: -10,
    max: 8,
    step: 0.1,
    unit: '°',
    side: false,
  },
  clubSpeedMps: {
    key: 's',
    label: 'Club speed',
    min: 15,
    max: 60,
    step: 0.1,
    unit: 'm/s',
    side: false,
  },
  strikeToeMm: {
    key: 't',
    label: 'Strike, toe',
    min: -30,
    max: 30,
    step: 1,
    unit: 'mm',
    side: false,
  },
  strikeHighMm: {
    key: 'g',
    label: 'Strike, high',
    min: -20,
    max: 20,
    step: 1,
    unit: 'mm',
    side: false,
  },
};
export const MOVED_FIELDS = Object.keys(DIALS) as MovedField[];

export function usualMoved(
  club: Club,
  hand: Hand,
  driverSpeedMps = UNKNOWN_PLAYER.driverSpeedMps,
): Moved {
  const { hand: _hand, ...moved } = plainDelivery(club, hand, driverSpeedMps);
  return moved;
}

export const clubOf = (state: WorkshopState): Club => findClub(state.clubId) ?? STANDARD_BAG[0]!;
export const deliveryOf = (state: WorkshopState, moved: Moved): Delivery => ({
  ...moved,
  hand: state.hand,
});

export const flightOf = ({
  windMps,
  windFromDeg,
  temperatureC,
  altitudeM,
}: WorkshopState): FlightOptions => ({
  wind: { speedMps: windMps, fromDeg: windFromDeg },
  air: { temperatureC, altitudeM },
});

/** Returns a number of the address within its range, or the fallback. */
function numberIn(
  params: URLSearchParams,
  key: string,
  min: number,
  max: number,
  fallback: number,
): number {
  const text = params.get(key);
  const value = text === null || text.trim() === '' ? NaN : Number(text);
  return Number.isFinite(value) ? Math.min(max, Math.max(min, value)) : fallback;
}

/** Returns a delivery with something moved: where the face is turned, the loft follows unless it is held or moved itself. */
export function movedBy(state: WorkshopState, moved: Moved, changes: Partial<Moved>): Moved {
  const { faceAngleDeg } = changes;
  if (faceAngleDeg === undefined || state.isLoftHeld) return { ...moved, ...changes };
  const head = headOf(clubOf(state));
  const byDeg = faceAngleDeg - moved.faceAngleDeg;
  const { dynamicLoftDeg } = turnFace(deliveryOf(state, moved), head, byDeg);
  return { ...moved, dynamicLoftDeg, ...changes };
}

function movedFrom(params: URLSearchParams, suffix: string, club: Club, hand: Hand): Moved {
  const face = numberIn(params, `${DIALS.faceAngleDeg.key}${suffix}`, -80, 80, 0);
  const usual = turnFace({ ...usualMoved(club, hand), hand }, headOf(club), face);
  const read = (field: MovedField): number => {
    const [min, max] = DELIVERY_RANGES[field];
    return numberIn(params, `${DIALS[field].key}${suffix}`, min, max, usual[field]);
  };
  return Object.fromEntries(MOVED_FIELDS.map((field) => [field, read(field)])) as unknown as Moved;
}

const oneOf = <T extends string>(value: string | null, all: readonly T[], fallback: T): T =>
  all.find((item) => item === value) ?? fallback;

/** The state an address says; what it does not say, or says wrongly, is usual. */
export function stateFrom(params: URLSearchParams): WorkshopState {
  const hand = oneOf(params.get('h'), HANDS, 'right');
  const club = findClub(params.get('c')) ?? findClub('7-iron')!;
  return {
    hand,
    clubId: club.id,
    now: movedFrom(params, '', club, hand),
    wanted: params.get('b') === '1' ? movedFrom(params, '2', club, hand) : null,
    windMps: numberIn(params, 'w', 0, 20, 0),
    windFromDeg: numberIn(params, 'wd', -180, 180, 0),
    temperatureC: numberIn(params, 'tc', -10, 45, 15),
    altitudeM: numberIn(params, 'alt', 0, 3000, 0),
    length: oneOf(params.get('u'), LENGTH_UNITS, 'm'),
    isLoftHeld: params.get('hl') === '1',
    lessonId: params.get('lesson'),
  };
}

const short = (value: number): string => String(Number(value.toFixed(2)));

/** Returns the address that says a state; `stateFrom` reads it back. */
export function paramsOf(state: WorkshopState): URLSearchParams {
  const params = new URLSearchParams({ h: state.hand, c: state.clubId, u: state.length });
  const put = (moved: Moved, suffix: string): void => {
    for (const field of MOVED_FIELDS)
      params.set(`${DIALS[field].key}${suffix}`, short(moved[field]));
  };
  put(state.now, '');
  if (state.wanted !== null) {
    params.set('b', '1');
    put(state.wanted, '2');
  }
  if (state.windMps > 0) {
    params.set('w', short(state.windMps));
    params.set('wd', short(state.windFromDeg));
  }
  if (state.temperatureC !== 15) params.set('tc', short(state.temperatureC));
  if (state.altitudeM !== 0) params.set('alt', short(state.altitudeM));
  if (state.isLoftHeld) params.set('hl', '1');
  if (state.lessonId !== null) params.set('lesson', state.lessonId);
  return params;
}

/** Returns the address that opens one delivery in the Workshop. */
export function workshopLink(
  delivery: Delivery,
  clubId: string,
  length: LengthUnit,
  lessonId: string | null = null,
): string {
  const { hand, ...now } = delivery;
  const blank = stateFrom(new URLSearchParams({ h: hand, c: clubId, u: length }));
  return `/workshop?${paramsOf({ ...blank, now, lessonId }).toString()}`;
}

/** Speeds are turned in the unit that goes with the lengths. */
export const speedUnitFor = (length: LengthUnit): SpeedUnit => (length === 'yd' ? 'mph' : 'km/h');
