import type { Visit } from './visit.ts';
import type { Block, Swing } from './shots.ts';

/** A visit of the seasons before: how long ago, path and face as they came, and what a drill made of them. */
interface Look {
  readonly daysAgo: number;
  readonly pathDeg: number;
  readonly faceDeg: number;
  readonly drill?: readonly [id: string, pathDeg: number, faceDeg: number];
  /** Repetitions at the drill: + good, − missed. */
  readonly repetitions?: string;
  /** A page was given, and so many days of its homework were ticked. */
  readonly pageTicks?: number;
  readonly doseStep?: number;
  readonly monitors?: Visit['monitors'];
}

const NOON = 12 * 60;
const BALLS = 10;
const STATION = '+-++-+++++';

const swing = (pathDeg: number, faceDeg: number): Swing => ({
  pathDeg,
  faceDeg,
  pathSpreadDeg: 0.9,
  faceSpreadDeg: 1.3,
  strikeSpreadMm: 5,
});

function visitOf(club: string, look: Look): Visit {
  const { daysAgo, pathDeg, faceDeg, drill, repetitions, pageTicks, doseStep, monitors } = look;
  const on = monitors !== undefined && { monitors };
  const block = (of: Swing, tag: NonNullable<Block['tag']>): Block => ({
    club,
    balls: BALLS,
    swing: of,
    tag,
  });
  const baseline = block(swing(pathDeg, faceDeg), { block: 'baseline' });
  if (drill === undefined) return { daysAgo, at: NOON, asked: '', blocks: [baseline], ...on };
  const [drillId, path, face] = drill;
  return {
    daysAgo,
    at: NOON,
    asked: '',
    blocks: [baseline, block(swing(path, face), { block: 'drill', drillId })],
    ...on,
    done: {
      drillIds: [drillId],
      repetitions: repetitions ?? STATION,
      ...(pageTicks !== undefined && { pageTicks }),
      ...(doseStep !== undefined && { doseStep }),
    },
  };
}

const season = (club: string, looks: readonly Look[]): Visit[] =>
  looks.map((look) => visitOf(club, look));

const look = (
  daysAgo: number,
  pathDeg: number,
  faceDeg: number,
  more: Omit<Look, 'daysAgo' | 'pathDeg' | 'faceDeg'> = {},
): Look => ({ daysAgo, pathDeg, faceDeg, ...more });

/** The monitor that came later reads a face so much more open than the first. */
export const LATER_MONITOR = [{ dialect: 'lettered', readsMoreDeg: 2.4 }] as const;
const BOTH = [{ dialect: 'plain', readsMoreDeg: 0 }, ...LATER_MONITOR] as const;

/**
 * Two seasons of the players who have been coming for long, with the winter between them: a fault that was mended and
 * came back, a drill that worked for one and not for another, homework kept and dropped,
 * and a player who is just steady, under another monitor.
 */
export const SEASONS: Readonly<Record<string, readonly Visit[]>> = {
  // Path and gap mended in the first season, held over the winter, and back when the homework stopped.
  'Ines Marrow': season('7-iron', [
    look(600, -7.2, -9.8),
    look(585, -7, -9.4, { drill: ['hip-stay', -4.2, -6.4], pageTicks: 5, doseStep: 0 }),
    look(565, -6.4, -8.8, { drill: ['hip-stay', -3.6, -5.6], pageTicks: 5, doseStep: 1 }),
    look(545, -3.2, -3.4, { drill: ['hip-stay', -1.4, -2], pageTicks: 4, doseStep: 2 }),
    look(520, -2.8, -2.6, { pageTicks: 4 }),
    look(495, -2.4, -2.9, { drill: ['stepping-pegs', -0.1, -1.6], pageTicks: 4 }),
    look(470, -2.6, -2.5, { drill: ['stepping-pegs', -0.3, -1.2], pageTicks: 4 }),
    look(300, -3, -3.3),
    look(270, -2.7, -2.6, { drill: ['preset-close', -2.6, -4], pageTicks: 1 }),
    look(240, -3.1, -3.2),
    look(150, -6.6, -6.9),
    look(110, -7.1, -7, { drill: ['hip-stay', -4.1, -4.6], pageTicks: 1 }),
    look(75, -7.3, -7.5),
  ]),
  // The far peg moves the path each time, the guard never: it depends on the player.
  'Odile Farrant': season('5-iron', [
    look(560, 7.6, 1.2),
    look(540, 7.3, 1.4, {
      drill: ['inside-guard', 7.1, 1.3],
      doseStep: 0,
      pageTicks: 4,
      repetitions: '-+--+-+--+',
    }),
    look(515, 7.4, 1.1, {
      drill: ['inside-guard', 7.5, 1.5],
      doseStep: 0,
      pageTicks: 3,
      repetitions: '--+--+-+-+',
    }),
    look(490, 7.2, 1.5, { drill: ['far-peg', 4.1, 1.4], pageTicks: 5 }),
    look(330, 6.6, 1.4, { drill: ['far-peg', 3.6, 1.2], pageTicks: 5 }),
    look(300, 6.4, 1.6, { drill: ['far-peg', 3.2, 1.5], pageTicks: 4, repetitions: '+++++-++++' }),
    look(120, 6.7, 1.7),
    look(80, 6.5, 1.5, {
      drill: ['inside-guard', 6.3, 1.6],
      doseStep: 0,
      pageTicks: 2,
      repetitions: '-+--+--+-+',
    }),
  ]),
  // A left-hander whose fade came down to size in the second season, and held.
  'Wren Castellan': season('6-iron', [
    look(520, 7.4, -0.9),
    look(490, 7.1, -1.1, { drill: ['stepping-pegs', 4.8, -0.6], pageTicks: 4 }),
    look(460, 7.3, -1),
    look(430, 7, -0.8),
    look(200, 4.6, -0.6, { drill: ['stepping-pegs', 2.4, -0.2], pageTicks: 5 }),
    look(170, 4.4, -0.7, { pageTicks: 5 }),
    look(130, 4.7, -0.5),
    look(90, 4.3, -0.6),
    look(60, 4.5, -0.8),
  ]),
  // Straight enough for a year, and open again lately.
  'Tobias Penhale': season('driver', [
    look(380, -1.6, 0.1),
    look(350, -1.4, 0),
    look(310, -1.8, 0.3),
    look(250, -1.5, 0.2),
    look(180, -1.7, 0.1),
    look(120, -1.3, 0.1),
    look(60, -1.6, 0.2),
  ]),
  // As steady as before, but written down by another monitor since half a year; one day was hit on both.
  'Hollis Quay': season('7-iron', [
    look(540, 0.9, 0.5),
    look(450, 0.6, 0.2),
    look(360, 1, 0.6),
    look(300, 0.8, 0.4),
    look(240, 0.7, 0.4, { monitors: BOTH }),
    look(200, 0.8, 0.3, { monitors: LATER_MONITOR }),
    look(150, 0.5, 0.1, { monitors: LATER_MONITOR }),
    look(90, 0.9, 0.5, { monitors: LATER_MONITOR }),
    look(50, 0.7, 0.4, { monitors: LATER_MONITOR }),
  ]),
};
