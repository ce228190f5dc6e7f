import { EMPTY_BALL } from '@loxos/core';
import type { Ball } from '../../api/client.ts';
import { readTexts, textsOf } from './figure-fields.ts';

const units = { hand: 'right', length: 'yd', speed: 'mph' } as const;
const ball = {
  ...EMPTY_BALL,
  clubPathDeg: -4.25,
  carryM: 91.44,
  clubSpeedMps: 44.704,
  strikeToeMm: 6,
} as unknown as Ball;
const blank = textsOf(null, units);

describe('figures typed by hand', () => {
  it('show in the coach’s units with their sides', () => {
    const texts = textsOf(ball, units);
    expect(texts).toMatchObject({
      clubPathDeg: '4.25 L',
      carryM: '100',
      clubSpeedMps: '100',
      strikeToeMm: '6',
      faceAngleDeg: '',
    });
  });

  it('are read with sides, signs, decimal commas and units', () => {
    const typed = {
      ...blank,
      clubPathDeg: '3,5 L',
      faceAngleDeg: '-1.2',
      carryM: '150',
      offlineM: '9 m R',
      strikeToeMm: '8 heel',
    };
    const { figures, errors } = readTexts(typed, blank, units);
    expect(errors).toEqual({});
    expect(figures).toMatchObject({
      clubPathDeg: -3.5,
      faceAngleDeg: -1.2,
      offlineM: 9,
      strikeToeMm: -8,
    });
    expect(figures.carryM).toBeCloseTo(137.16, 9);
  });

  it('left alone keep all their digits; cleared they go', () => {
    const before = textsOf(ball, units);
    expect(readTexts(before, before, units).figures).toEqual({});
    expect(readTexts({ ...before, carryM: '' }, before, units).figures).toEqual({ carryM: null });
  });

  it('that cannot be read say which and why', () => {
    const { errors } = readTexts({ ...blank, clubPathDeg: 'wide', carryM: '9000' }, blank, units);
    expect(errors.clubPathDeg).toContain('not a number');
    expect(errors.carryM).toContain('outside what carry can be');
  });
});
