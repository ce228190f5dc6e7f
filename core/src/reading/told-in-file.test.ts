import { ballsAsCsv } from '../intake/ball-file.ts';
import { parseLaunchFile, tableOf } from '../intake/parse.ts';
import { EMPTY_BALL } from '../intake/quantities.ts';
import { MEASURED_TOLD, toldInFile } from './told-in-file.ts';

const toldOf = (text: string) => {
  const table = tableOf(text);
  const { rows, balls } = parseLaunchFile(table, { hand: 'right' });
  return toldInFile(table, rows, balls.length);
};
const BALL = { ...EMPTY_BALL, clubText: '7 Iron', clubPathDeg: -3, faceAngleDeg: 1, carryM: 140 };

it('is nothing in a file of somebody else, whatever its columns are called', () => {
  expect(toldOf('Club,Face angle (deg),Note\n7 iron,1.5,windy\n7 iron,2.5,\n')).toEqual([
    MEASURED_TOLD,
    MEASURED_TOLD,
  ]);
});

it('is what was written, and nothing where that is not known', () => {
  const tellsAs = (counted: string, seen: string) =>
    ballsAsCsv(
      [BALL],
      [
        { name: 'Counted', of: () => counted },
        { name: 'Seen by', of: () => seen },
      ],
    );
  expect(toldOf(tellsAs('out', 'eye'))).toEqual([{ ...MEASURED_TOLD, keep: 'out', seen: 'eye' }]);
  expect(toldOf(tellsAs('perhaps', 'a dog'))).toEqual([MEASURED_TOLD]);
});
