import { changedFields, clashing, fieldsOf, isSame, recordOf } from './fields.ts';

describe('a record field by field', () => {
  const causes = { observations: { chest: 1, 'ball-position': -1 } };

  it('goes one level deep where its name says so, and back', () => {
    expect(fieldsOf('causes', causes)).toEqual({
      'observations.chest': 1,
      'observations.ball-position': -1,
    });
    expect(recordOf('causes', fieldsOf('causes', causes))).toEqual(causes);
    const setup = { target: 'oak', wanted: { shape: 'fade' } };
    expect(fieldsOf('setup', setup)).toEqual(setup);
    expect(recordOf('setup', setup)).toEqual(setup);
  });

  it('forgets a field that has no value any more', () => {
    expect(recordOf('setup', { target: null, club: 'driver' })).toEqual({ club: 'driver' });
    expect(recordOf('causes', { 'observations.chest': null, 'observations.hip': 1 })).toEqual({
      observations: { hip: 1 },
    });
    expect(recordOf('causes', { 'observations.chest': null })).toEqual({ observations: {} });
  });

  it('says what differs, and null for what is gone', () => {
    expect(changedFields({ a: 1, b: [1, 2], c: 3 }, { a: 1, b: [1, 3] })).toEqual({
      b: [1, 3],
      c: null,
    });
    expect(changedFields({ a: null }, {})).toEqual({});
    expect(changedFields({ a: { x: 1, y: null } }, { a: { x: 1 } })).toEqual({});
  });

  it.each([
    [1, 1, true],
    [NaN, NaN, false],
    [null, undefined, true],
    [0, null, false],
    ['', null, false],
    [[1, [2]], [1, [2]], true],
    [[1], { 0: 1 }, false],
    [{ a: 1 }, { a: 1, b: 2 }, false],
  ])('%p and %p: same %p', (a, b, same) => {
    expect(isSame(a, b)).toBe(same);
  });
});

describe('two devices', () => {
  const since = [{ device: 'tablet', after: { target: 'oak' } }];

  it('do not clash over different fields', () => {
    expect(clashing({ club: 'driver' }, { target: 'oak' }, since, 'phone')).toEqual([]);
  });

  it('clash over one field, unless they want the same of it', () => {
    const wanted = { target: 'elm', club: 'driver' };
    expect(clashing(wanted, { target: 'oak' }, since, 'phone')).toEqual(['target']);
    expect(clashing({ target: 'oak' }, { target: 'oak' }, since, 'phone')).toEqual([]);
  });

  it('a device never clashes with itself', () => {
    expect(clashing({ target: 'elm' }, { target: 'oak' }, since, 'tablet')).toEqual([]);
  });
});
