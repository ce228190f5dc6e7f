import {
  EMPTY_BALL,
  findClub,
  gaussian,
  headOf,
  readLesson,
  recordOfLesson,
  resolveContext,
  seededRandom,
  simulateShot,
  solveDelivery,
  splitMiss,
} from '@loxos/core';
import { levenbergMarquardt } from 'ml-levenberg-marquardt';
import { rate } from './measure.mjs';

const club = findClub('7-iron');
const head = headOf(club);
const context = resolveContext({ hand: 'right' });
const random = seededRandom(3);
const delivery = () => ({
  hand: 'right',
  clubSpeedMps: 36 + gaussian(random),
  attackAngleDeg: -4,
  clubPathDeg: 4 * gaussian(random),
  faceAngleDeg: 3 * gaussian(random),
  dynamicLoftDeg: 23 + gaussian(random),
  strikeToeMm: 0,
  strikeHighMm: 0,
});
const shots = Array.from({ length: 200 }, () => {
  const d = delivery();
  return { delivery: d, ...simulateShot(d, head) };
});

/** The same backward solve by a general-purpose Levenberg-Marquardt package. */
function solveWithPackage({ launch, delivery: d }) {
  const seen = [
    launch.startDirectionDeg,
    launch.spinAxisTiltDeg,
    launch.ballSpeedMps,
    launch.launchAngleDeg,
  ];
  const x = [0, 1, 2, 3];
  const model = ([faceAngleDeg, clubPathDeg, clubSpeedMps, dynamicLoftDeg]) => {
    const shot = simulateShot(
      { ...d, faceAngleDeg, clubPathDeg, clubSpeedMps, dynamicLoftDeg },
      head,
    ).launch;
    const y = [
      shot.startDirectionDeg,
      shot.spinAxisTiltDeg,
      shot.ballSpeedMps,
      shot.launchAngleDeg,
    ];
    return (i) => y[i];
  };
  return levenbergMarquardt({ x, y: seen }, model, {
    initialValues: [seen[0], seen[0], seen[2] / 1.35, seen[3] + 5],
    damping: 1e-3,
    gradientDifference: 1e-4,
    maxIterations: 20,
    errorTolerance: 1e-9,
  });
}

const msOf = (work, batch = 5) => 1000 / rate(work, 0.5, batch);

/** Milliseconds of each piece of a reading, and the peer's where there is one. */
export function benchReading() {
  const pick = (i) => shots[i % shots.length];
  const known = { hand: 'right', attackAngleDeg: -4, strikeToeMm: 0, intervals: false };
  const rows = shots.map(({ delivery: d, launch, flight }, i) => ({
    ...EMPTY_BALL,
    ...d,
    ...launch,
    carryM: flight.carryM,
    offlineM: flight.offlineM,
    club: club.id,
    id: String(i),
  }));
  const session = Array.from({ length: 1000 }, (_, i) => ({
    ...rows[i % rows.length],
    id: String(i),
  }));
  const ballOnly = session.map((ball) => ({
    ...ball,
    faceAngleDeg: null,
    clubPathDeg: null,
    attackAngleDeg: null,
  }));
  return {
    solveMs: msOf((i) => solveDelivery(pick(i).launch, head, known)),
    solvePeerMs: msOf((i) => solveWithPackage(pick(i))),
    splitMs: msOf((i) => splitMiss(pick(i).delivery, head)),
    frameMs: msOf((i) => {
      simulateShot(pick(i).delivery, head, { pathPoints: 40 });
      splitMiss(pick(i).delivery, head);
    }),
    sessionMs: msOf(() => readLesson(session, { hand: 'right' }), 1),
    ballOnlyMs: msOf(() => readLesson(ballOnly, { hand: 'right' }), 1),
    keptMs: msOf(() => recordOfLesson(session, context), 1),
    keptBallOnlyMs: msOf(() => recordOfLesson(ballOnly, context), 1),
    bytesABall: recordOfLesson(session, context).columns.byteLength / session.length,
  };
}
