import type { Lesson } from '../../api/client.ts';
import { stationBalls } from './station-balls.ts';

const lesson = (balls: readonly object[]): Lesson =>
  ({ balls, player: { angleStyle: 'letters' } }) as unknown as Lesson;

describe('launch data at a station', () => {
  it('is that of the balls tagged with its drill', () => {
    const balls = [
      { drillId: null, clubPathDeg: -6 },
      { drillId: 'overhang', clubPathDeg: -3 },
      { drillId: 'overhang', clubPathDeg: -1 },
      { drillId: 'slalom', clubPathDeg: 5 },
    ];
    expect(stationBalls(lesson(balls), 'overhang')).toEqual({
      words: '2 balls measured at this station: path 2.0° L.',
      lastPathDeg: -1,
    });
  });

  it('before any is tagged, is the last ball measured', () => {
    const balls = [
      { drillId: null, clubPathDeg: 4 },
      { drillId: null, clubPathDeg: null },
    ];
    expect(stationBalls(lesson(balls), 'overhang')).toEqual({
      words: 'Last ball measured: path 4.0° R.',
      lastPathDeg: 4,
    });
  });

  it('is none without a measured path', () => {
    expect(stationBalls(lesson([]), 'overhang')).toBeUndefined();
    expect(
      stationBalls(lesson([{ drillId: 'overhang', clubPathDeg: null }]), 'overhang'),
    ).toBeUndefined();
  });
});
