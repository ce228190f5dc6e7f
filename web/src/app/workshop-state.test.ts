import { movedBy, paramsOf, stateFrom, workshopLink } from './workshop-state.ts';

const params = (text: string) => new URLSearchParams(text);

describe('the address of a what-if', () => {
  it('comes back as it was sent', () => {
    const sent = stateFrom(
      params(
        'h=left&c=driver&f=-1.25&p=4.5&l=13&a=2&s=45&t=-6&g=3&b=1&f2=0&p2=0&w=4&wd=90&tc=25&alt=800&u=yd',
      ),
    );
    expect(sent).toMatchObject({
      hand: 'left',
      clubId: 'driver',
      windMps: 4,
      windFromDeg: 90,
      temperatureC: 25,
      altitudeM: 800,
      length: 'yd',
    });
    expect(sent.now).toMatchObject({ faceAngleDeg: -1.25, clubPathDeg: 4.5, strikeToeMm: -6 });
    expect(sent.wanted).toMatchObject({ faceAngleDeg: 0, clubPathDeg: 0 });
    expect(stateFrom(paramsOf(sent))).toEqual(sent);
  });

  it('takes nonsense as usual, and keeps figures in range', () => {
    const state = stateFrom(params('h=both&c=spoon&f=wide&p=9000&s=&u=furlong'));
    expect(state).toMatchObject({ hand: 'right', clubId: '7-iron', length: 'm', wanted: null });
    expect(state.now.faceAngleDeg).toBe(0);
    expect(state.now.clubPathDeg).toBe(60);
    expect(state.now.clubSpeedMps).toBeGreaterThan(20);
  });

  it('opens a real ball', () => {
    const link = workshopLink(
      {
        hand: 'left',
        clubSpeedMps: 35,
        attackAngleDeg: -3,
        clubPathDeg: 4.1,
        faceAngleDeg: 1.2,
        dynamicLoftDeg: 22,
        strikeToeMm: 0,
        strikeHighMm: 0,
      },
      '6-iron',
      'yd',
    );
    const state = stateFrom(params(link.split('?')[1]!));
    expect(state).toMatchObject({ hand: 'left', clubId: '6-iron', length: 'yd' });
    expect(state.now).toMatchObject({ clubPathDeg: 4.1, faceAngleDeg: 1.2 });
  });
});

describe('a face turned by hand', () => {
  const state = stateFrom(params('h=right&c=driver'));

  it('takes the loft with it, less for closing and more for opening', () => {
    const closed = movedBy(state, state.now, { faceAngleDeg: -6 });
    const open = movedBy(state, state.now, { faceAngleDeg: 6 });
    // cot 56° = 0.6745 degrees of loft for each degree of face.
    expect(state.now.dynamicLoftDeg - closed.dynamicLoftDeg).toBeCloseTo(6 * 0.6745, 2);
    expect(open.dynamicLoftDeg - state.now.dynamicLoftDeg).toBeCloseTo(6 * 0.6745, 2);
    const left = { ...state, hand: 'left' } as const;
    expect(movedBy(left, left.now, { faceAngleDeg: -6 }).dynamicLoftDeg).toBeCloseTo(
      open.dynamicLoftDeg,
      9,
    );
  });

  it('leaves it where it is held, or set itself', () => {
    const held = { ...state, isLoftHeld: true };
    expect(movedBy(held, held.now, { faceAngleDeg: -6 }).dynamicLoftDeg).toBe(
      state.now.dynamicLoftDeg,
    );
    expect(movedBy(state, state.now, { dynamicLoftDeg: 9 }).dynamicLoftDeg).toBe(9);
    expect(stateFrom(paramsOf(held)).isLoftHeld).toBe(true);
  });

  it('opens an address without a loft with the loft that goes with its face', () => {
    const open = stateFrom(params('h=right&c=driver&f=6'));
    expect(open.now.dynamicLoftDeg).toBeGreaterThan(state.now.dynamicLoftDeg + 3);
  });
});
