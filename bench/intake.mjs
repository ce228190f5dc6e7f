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
import { medianTimes } from './measure.mjs';

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

/**
 * Rows per second of the whole intake and of the CSV package on the same text: giving numbers, as the intake does, and
 * giving texts alone. In turns, so that each meets the same heap.
 */
export function benchIntake() {
  const text = sessionText();
  const works = {
    'loxos: rows to balls': () => parseLaunchFile(text, { hand: 'right' }),
    'papaparse 5.7.1, numbers': () => Papa.parse(text, { delimiter: ',', dynamicTyping: true }),
    'papaparse 5.7.1, texts alone': () => Papa.parse(text, { delimiter: ',' }),
  };
  const times = medianTimes(Object.values(works), 60);
  return Object.keys(works).map((name, i) => ({ name, perSecond: (1000 * ROWS) / times[i] }));
}
