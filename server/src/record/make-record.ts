import {
  dayIn,
  movedOfPlayer,
  movedOverAll,
  openRecord,
  playerRecord,
  resolveContext,
  standingsOf,
} from '@loxos/core';
import type {
  ClubKind,
  DrillEffect,
  LessonRecord,
  MovedOfPlayer,
  MovedOverAll,
  PlayerRecord,
  ReadingContext,
  Standing,
  Visit,
  WantedByClub,
} from '@loxos/core';
import { AccountsRepository } from '../accounts/accounts.repository.ts';
import type { Scope } from '../common/scope.ts';
import { connect } from '../db/connect.ts';
import { handleOn } from '../db/handle.ts';
import type { Handle } from '../db/handle.ts';
import { ReadingsRepository } from '../readings/readings.repository.ts';
import type { KnownPlayer } from '../readings/readings.repository.ts';
import type { Task } from '../threads/task.ts';

interface Where {
  readonly url: string;
  readonly authToken: string | undefined;
  readonly scope: Scope;
}

interface InContext extends Where {
  readonly context: ReadingContext;
}

interface RecordToMake extends InContext {
  readonly playerId: string;
  readonly wanted: WantedByClub;
  readonly kind: ClubKind | undefined;
  /** ISO days: of the visits that are asked for, and where their two periods part. */
  readonly from: string | undefined;
  readonly to: string | undefined;
  readonly partedAt: string | undefined;
}

interface StandingsToMake extends InContext {
  readonly players: readonly {
    readonly playerId: string;
    readonly wanted: WantedByClub;
    readonly known: KnownPlayer;
  }[];
}

/** Works on the database by a connection of its own. */
async function onDatabase<T>(
  { url, authToken }: Where,
  work: (db: Handle) => Promise<T>,
): Promise<T> {
  const connection = connect(url, authToken);
  try {
    return await work(handleOn(connection));
  } finally {
    connection.close();
  }
}

/** Returns a player's visits and what drills moved in them, as kept. */
async function visitsOf(scope: Scope, db: Handle, playerId: string) {
  const kept = await new ReadingsRepository().kept(scope, db, playerId);
  const zone = await new AccountsRepository().zone(db, scope.academyId);
  const visits = kept.map(({ lessonId, at, count, about, columns }): Visit => {
    const { clubs, blocks, sources } = JSON.parse(about) as Omit<LessonRecord, 'columns'>;
    const balls = openRecord({ count, clubs, blocks, sources, columns });
    return { lessonId, at, day: dayIn(at, zone), balls };
  });
  const effects = kept.flatMap((one) => JSON.parse(one.effects) as DrillEffect[]);
  return { visits, effects };
}

/** Returns a player's record from their kept readings. */
const makeRecord = (asked: RecordToMake): Promise<PlayerRecord | null> =>
  onDatabase(asked, async (db) => {
    const { visits, effects } = await visitsOf(asked.scope, db, asked.playerId);
    const { wanted, kind, from, to, partedAt } = asked;
    const context = resolveContext(asked.context);
    return playerRecord(visits, { context, wanted, effects, kind, from, to, partedAt });
  });

/** Where a player stands, and what drills moved for them. */
export interface StandingMade {
  readonly standings: Standing[];
  readonly moved: MovedOfPlayer[];
}

/** Where some players of a hand stand, from their kept readings. */
const makeStandings = (asked: StandingsToMake): Promise<StandingMade[]> =>
  onDatabase(asked, async (db) => {
    const made: StandingMade[] = [];
    for (const { playerId, wanted, known } of asked.players) {
      const context = resolveContext({ ...asked.context, ...known });
      const { visits, effects } = await visitsOf(asked.scope, db, playerId);
      made.push({
        standings: standingsOf(visits, { context, wanted, effects }),
        moved: movedOfPlayer(effects, context.hand),
      });
    }
    return made;
  });

interface MovedToMake {
  /** JSON: MovedOfPlayer[], of each player. */
  readonly players: readonly string[];
  readonly kind: ClubKind;
}

/** Returns what drills moved over all players. */
const makeMoved = ({ players, kind }: MovedToMake): MovedOverAll[] =>
  movedOverAll(
    players.map((own) => JSON.parse(own) as MovedOfPlayer[]),
    kind,
  );

export const MAKE_RECORD: Task<RecordToMake, PlayerRecord | null> = {
  name: 'makeRecord',
  work: makeRecord,
};
export const MAKE_STANDINGS: Task<StandingsToMake, StandingMade[]> = {
  name: 'makeStandings',
  work: makeStandings,
};
export const MAKE_MOVED: Task<MovedToMake, MovedOverAll[]> = { name: 'makeMoved', work: makeMoved };
