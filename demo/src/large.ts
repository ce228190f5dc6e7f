import {
  BALL_QUANTITIES,
  PLAIN_WANTED,
  STANDARD_BAG,
  addDaysIso,
  gaussian,
  seededRandom,
} from '@loxos/core';
import type { MeasuredBall, Random } from '@loxos/core';
import Database from 'libsql';
import { hitBlocks } from './shots.ts';
import type { Block, Striker, Swing } from './shots.ts';

/** How large an academy is: players, lessons of each, balls of each lesson. */
export interface Size {
  readonly players: number;
  readonly lessons: number;
  readonly balls: number;
}

const LARGE: Size = { players: 200, lessons: 25, balls: 80 };

const SEED = 20_260_301;
const DAY_MS = 24 * 3600 * 1000;
const GIVEN = ['Ada', 'Bo', 'Cleo', 'Dov', 'Edda', 'Finn', 'Gwen', 'Hale', 'Iris', 'Jory'];
const FAMILY = ['Ashby', 'Brandt', 'Corvin', 'Dunmore', 'Esk', 'Farrow', 'Garth', 'Holm', 'Ives'];
const DRILLS = ['rails', 'overhang', 'corner-frame', 'hip-stay', 'stepping-pegs'] as const;
const CLUBS = STANDARD_BAG.map(({ id }) => id).filter((id) => !id.startsWith('putt'));

type Value = string | number | null;
type Row = Readonly<Record<string, Value>>;

/** Ids that are the same each time, of the form the API makes. */
function idsFrom(random: Random): () => string {
  const hex = (count: number): string =>
    Array.from({ length: count }, () => Math.floor(16 * random()).toString(16)).join('');
  return () => `${hex(8)}-${hex(4)}-4${hex(3)}-a${hex(3)}-${hex(12)}`;
}

const snake = (name: string): string =>
  name.replace(/[A-Z]/g, (letter) => `_${letter.toLowerCase()}`);

/** Puts rows into tables, each by a statement that is prepared once. */
class Tables {
  private readonly known = new Map<string, Database.Statement>();

  constructor(private readonly db: Database.Database) {}

  put(table: string, row: Row): void {
    const columns = Object.keys(row);
    const key = `${table} ${columns.join()}`;
    let statement = this.known.get(key);
    if (statement === undefined) {
      const marks = columns.map(() => '?').join();
      statement = this.db.prepare(`insert into ${table} (${columns.join()}) values (${marks})`);
      this.known.set(key, statement);
    }
    statement.run(...columns.map((column) => row[column]!));
  }
}

interface Place {
  readonly tables: Tables;
  readonly random: Random;
  readonly newId: () => string;
  readonly academyId: string;
  readonly coachIds: readonly string[];
  readonly now: Date;
  readonly size: Size;
}

interface Visited extends Striker {
  readonly id: string;
  readonly fault: Swing;
}

function blocksOf(
  { fault }: Visited,
  { balls }: Size,
  visit: number,
  club: string,
  drillId: string,
): Block[] {
  // The fault shrinks over the visits, and comes back a little at the start of each.
  const left = Math.exp(-visit / 14);
  const swing = (share: number): Swing => ({
    ...fault,
    pathDeg: fault.pathDeg * share,
    faceDeg: fault.faceDeg * share,
  });
  return [
    { club, balls: balls / 4, swing: swing(left), tag: { block: 'baseline' } },
    { club, balls: balls / 2, swing: swing(0.6 * left), tag: { block: 'drill', drillId } },
    { club, balls: balls / 4, swing: swing(0.7 * left), tag: { block: 'play' } },
  ];
}

function putBall(place: Place, row: Row, ball: MeasuredBall): void {
  const figures = BALL_QUANTITIES.map((name) => [snake(name), ball[name]] as const);
  const { club, clubText, hitAt } = ball;
  place.tables.put('ball', {
    ...row,
    academy_id: place.academyId,
    ...Object.fromEntries(figures),
    club,
    club_text: clubText,
    hit_at: hitAt,
    keep: 'auto',
    seen: 'monitor',
  });
}

interface WorkOf {
  readonly lessonId: string;
  readonly playerId: string;
  readonly drillId: string;
  readonly at: string;
}

interface Own {
  readonly academy_id: string;
  readonly lesson_id: string;
}

/** A page with its homework, some of it done. */
function putPage(place: Place, own: Own, playerId: string, at: string): void {
  const { tables, newId, academyId, random } = place;
  const pageId = newId();
  const homework = Array.from({ length: 6 }, (_, n) => ({
    date: addDaysIso(at, n + 1),
    what: 'Ten at the station, slowly.',
  }));
  const content = {
    points: ['Swing from the inside.', 'Keep the rails.'],
    numbers: [],
    slants: [],
    stations: [],
    homework,
    nextLook: addDaysIso(at, 14),
  };
  tables.put('shared_page', {
    ...own,
    player_id: playerId,
    id: pageId,
    token_hash: newId(),
    content: JSON.stringify(content),
    created_at: at,
    expires_at: new Date(Date.parse(at) + 90 * DAY_MS).toISOString(),
  });
  for (const { date } of homework.slice(0, Math.floor(7 * random())))
    tables.put('homework_tick', {
      id: newId(),
      academy_id: academyId,
      page_id: pageId,
      date,
      done: 1,
      at,
    });
}

/** Puts down what a lesson leaves beside its balls: a part, repetitions, a page and its ticks, its history. */
function putWork(place: Place, { lessonId, playerId, drillId, at }: WorkOf): void {
  const { tables, newId, academyId, random } = place;
  const own = { academy_id: academyId, lesson_id: lessonId };
  const value = JSON.stringify({ route: 'face-then-path', drillIds: [drillId] });
  tables.put('lesson_part', {
    ...own,
    id: newId(),
    part: 'work',
    value,
    version: 1,
    updated_at: at,
    updated_by: 'Maren Holt',
  });
  for (let n = 0; n < 20; n++) {
    const good = random() < 0.6 ? 1 : 0;
    tables.put('repetition', {
      ...own,
      id: newId(),
      drill_id: drillId,
      good,
      miss: good === 1 ? '' : 'touched the rod',
      at,
    });
  }
  putPage(place, own, playerId, at);
  for (let n = 0; n < 10; n++)
    tables.put('history', {
      ...own,
      id: newId(),
      thing: 'part',
      thing_id: `${lessonId}.work`,
      version: n + 1,
      at,
      who: 'Maren Holt',
      device: 'made',
      what: 'work changed',
      before: '{"stage":0}',
      after: '{"stage":1}',
    });
}

/** Returns a file of the one monitor; its id. */
function putFile({ tables, newId, academyId, size }: Place, own: Own, at: string): string {
  const fileId = newId();
  const sha256 = newId();
  tables.put('raw_file', { academy_id: academyId, sha256, content: 'Club\n7i\n\n' });
  tables.put('launch_file', {
    ...own,
    id: fileId,
    name: 'session.csv',
    sha256,
    source_key: 'of-the-one-monitor',
    size_bytes: 9,
    rows: '[]',
    ball_count: size.balls,
    received_at: at,
  });
  return fileId;
}

function putLesson(place: Place, player: Visited, visit: number): void {
  const { tables, newId, academyId, random, now, size } = place;
  const daysAgo = (size.lessons - visit) * 28 - Math.floor(20 * random());
  const at = new Date(now.getTime() - daysAgo * DAY_MS).toISOString();
  const club = CLUBS[Math.floor(CLUBS.length * random())]!;
  const drillId = DRILLS[Math.floor(DRILLS.length * random())]!;
  const lessonId = newId();
  const own = { academy_id: academyId, lesson_id: lessonId };
  const times = { created_at: at, updated_at: at };
  tables.put('lesson', {
    id: lessonId,
    academy_id: academyId,
    player_id: player.id,
    starts_at: at,
    asked: 'Straighter',
    ball_count: size.balls,
    ...times,
  });
  const fileId = putFile(place, own, at);
  const blocks = blocksOf(player, size, visit, club, drillId);
  let ordinal = 0;
  for (const block of blocks) {
    const blockId = newId();
    const { tag } = block;
    tables.put('block', {
      ...own,
      id: blockId,
      kind: tag!.block,
      drill_id: tag!.drillId ?? null,
      started_at: at,
    });
    for (const ball of hitBlocks(player, [block], random, 600)) {
      ordinal += 1;
      const id = newId();
      const where = {
        ...own,
        id,
        ordinal,
        line: ordinal + 1,
        block_id: blockId,
        launch_file_id: fileId,
      };
      putBall(place, { ...where, fingerprint: id, ...times }, ball);
      tables.put('ball_file', { academy_id: academyId, ball_id: id, launch_file_id: fileId });
    }
  }
  putWork(place, { lessonId, playerId: player.id, drillId, at });
}

function putPlayer(place: Place, n: number): void {
  const { tables, newId, academyId, coachIds, random, now } = place;
  const hand = random() < 0.12 ? 'left' : 'right';
  const side = hand === 'left' ? -1 : 1;
  const around = (middle: number, spread: number): number => middle + spread * gaussian(random);
  const pathDeg = side * around(-2, 4);
  const fault: Swing = {
    pathDeg,
    faceDeg: 0.5 * pathDeg + around(0, 2),
    pathSpreadDeg: 0.8 + random(),
    faceSpreadDeg: 0.8 + random(),
    strikeToeMm: around(0, 6),
    strikeSpreadMm: 4 + 4 * random(),
  };
  const at = new Date(now.getTime() - 800 * DAY_MS).toISOString();
  const id = newId();
  tables.put('player', {
    id,
    academy_id: academyId,
    name: `${GIVEN[n % GIVEN.length]!} ${FAMILY[n % FAMILY.length]!} ${n + 1}`,
    hand,
    length_unit: 'm',
    speed_unit: 'mph',
    angle_style: 'letters',
    wanted: JSON.stringify({ all: PLAIN_WANTED }),
    coach_id: coachIds[n % coachIds.length]!,
    created_at: at,
    updated_at: at,
  });
  const player = { id, hand, driverSpeedMps: around(43, 4), fault } as const;
  for (let visit = 0; visit < place.size.lessons; visit++) putLesson(place, player, visit);
}

/** Fills the academy in a database with many invented players and their lessons; once. Returns how many balls came. */
export function fillLarge(file: string, now: Date, size = LARGE): number {
  const db = new Database(file, { timeout: 30_000 });
  const count = db.prepare('select count(*) as n from player').get() as { n: number };
  if (count.n >= size.players) return 0;
  const academy = db.prepare('select id from academy limit 1').get() as { id: string };
  const coaches = db.prepare("select id from user where role <> 'assistant'").all() as {
    id: string;
  }[];
  const random = seededRandom(SEED);
  const tables = new Tables(db);
  const place = {
    tables,
    random,
    newId: idsFrom(random),
    academyId: academy.id,
    coachIds: coaches.map(({ id }) => id),
    now,
    size,
  };
  for (let n = 0; n < size.players; n++) {
    db.exec('begin immediate');
    putPlayer(place, n);
    db.exec('commit');
  }
  db.exec('analyze');
  db.close();
  return size.players * size.lessons * size.balls;
}
