import Papa from 'papaparse';
import {
  EMPTY_BALL,
  findClub,
  gaussian,
  headOf,
  parseLaunchFile,
  printLaunchFile,
  seededRandom,
  simulateShot,
} from '@loxos/core';
import { rate } from './measure.mjs';

const ROWS = 2000;

/** A full monitor session of `ROWS` balls as text. */
function sessionText() {
  const random = seededRandom(1);
  const club = findClub('7-iron');
  const balls = Array.from({ length: ROWS }, () => {
    const delivery = {
      hand: 'right',
      clubSpeedMps: 36 + gaussian(random),
      attackAngleDeg: -4 + gaussian(random),
      clubPathDeg: 3 * gaussian(random),
      faceAngleDeg: 2 * gaussian(random),
      dynamicLoftDeg: 23 + gaussian(random),
      strikeToeMm: 0,
      strikeHighMm: 0,
    };
    const { launch, flight } = simulateShot(delivery, headOf(club));
    return {
      ...EMPTY_BALL,
      ...delivery,
      ...launch,
      ...flight,
      club: club.id,
      clubText: club.label,
    };
  });
  return printLaunchFile(balls, { digits: 1 });
}

/** Rows per second of the whole intake and of the CSV package alone on the same text. */
export function benchIntake() {
  const text = sessionText();
  const perSecond = (work) => rate(work, 1, 1) * ROWS;
  return [
    {
      name: 'loxos: rows to balls',
      perSecond: perSecond(() => parseLaunchFile(text, { hand: 'right' })),
    },
    {
      name: 'papaparse 5.7.1 alone',
      perSecond: perSecond(() => Papa.parse(text, { delimiter: ',' })),
    },
  ];
}
