import { typedNumber } from './typed.ts';

describe('a number as typed', () => {
  it.each([
    ['12', 12],
    [' 4.5 ', 4.5],
    ['4,5', 4.5],
    ['−3', -3],
    ['–0,5', -0.5],
    ['+2', 2],
    ['.5', 0.5],
    ['7.', 7],
  ])('%j is a number', (text, value) => {
    expect(typedNumber(text)).toBe(value);
  });

  it('never gives a minus nought', () => {
    expect(Object.is(typedNumber('-0'), 0)).toBe(true);
  });

  it.each(['', '  ', 'four', '1,2,3', '1.2.3', '1,234.5', '0x10', '1e3', 'Infinity', '5°'])(
    '%j is none',
    (text) => {
      expect(typedNumber(text)).toBeNull();
    },
  );
});
