import { STANDARD_BAG, findClub, headOf, usualClubOf } from './club.ts';
import { recogniseClub } from './recognise.ts';
import { STANDARD_HEADS, standardHead } from './head.ts';

describe('clubs as files write them', () => {
  it.each([
    ['Driver', 'driver'],
    ['1W', 'driver'],
    ['DR', 'driver'],
    ['3 Wood', '3-wood'],
    ['5w', '5-wood'],
    ['Hybrid 4', '4-hybrid'],
    ['3H', '3-hybrid'],
    ['7 Iron', '7-iron'],
    ['7i', '7-iron'],
    ['Iron 7', '7-iron'],
    ['Eisen 5', '5-iron'],
    ['8', '8-iron'],
    ['PW', 'pw'],
    ['Gap Wedge', 'gw'],
    ['56°', 'sw'],
    ['60', 'lw'],
    ['sand wedge', 'sw'],
    ['Driver 10.5°', 'driver'],
    ['Driver (9.5)', 'driver'],
    ['7-Iron (Steel)', '7-iron'],
    ['SW56', 'sw'],
    ['9 Wood', '9-wood'],
    ['9w', '9-wood'],
    ['Wedge 52', 'gw'],
    ['50 deg wedge', 'gw'],
    ['Fairway Wood 3', '3-wood'],
  ])('%s is the %s', (text, id) => {
    expect(recogniseClub(text)?.id).toBe(id);
  });

  it.each(['', 'putter', 'chipper', '99', 'unknown', '13 wood', 'rescue 4', 'a b c d e'])(
    '%p is none of them',
    (text) => {
      expect(recogniseClub(text)).toBeNull();
    },
  );

  it('every club of the bag is recognised by its own label', () => {
    for (const club of STANDARD_BAG) expect(recogniseClub(club.label)).toBe(club);
  });
});

describe('heads', () => {
  it('keep within the Equipment Rules (R&A / USGA, Part 2, §4)', () => {
    const { restitution, inertiaUpKgM2 } = STANDARD_HEADS.driver;
    expect(restitution).toBeLessThanOrEqual(0.83);
    // 5900 g·cm² about the vertical axis, with its tolerance of 100.
    expect(inertiaUpKgM2).toBeLessThanOrEqual(6000e-7);
  });

  it('grow heavier and the loft greater from driver to wedge', () => {
    const masses = (['driver', 'fairway', 'hybrid', 'iron', 'wedge'] as const).map(
      (kind) => STANDARD_HEADS[kind].headMassKg,
    );
    expect([...masses].sort((a, b) => a - b)).toEqual(masses);
  });

  it('refuse a kind or a loft there is not', () => {
    expect(() => standardHead('putter' as never)).toThrow('kind is putter');
    expect(() => standardHead('iron', 90)).toThrow('loftDeg');
    expect(() => standardHead('iron', NaN)).toThrow('loftDeg');
  });

  it('find back the club they are of', () => {
    for (const club of STANDARD_BAG) expect(usualClubOf(headOf(club)).loftDeg).toBe(club.loftDeg);
    expect(findClub(null)).toBeNull();
    expect(findClub('spoon')).toBeNull();
  });
});
