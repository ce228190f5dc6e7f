import { commonest } from './commonest.ts';

describe('the commonest of some values', () => {
  it('is the one that stands most often, of several the first, of none nothing', () => {
    expect(commonest(['a', null, 'b', 'b'])).toEqual({ value: 'b', count: 2 });
    expect(commonest([2, 1, 1, 2])).toEqual({ value: 2, count: 2 });
    expect(commonest([null, null, 'a'])).toEqual({ value: null, count: 2 });
    expect(commonest([])).toBeNull();
  });
});
