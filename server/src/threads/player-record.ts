import { movedOverAll, openRecord, playerRecord, resolveContext, standingsOf } from '@loxos/core';
import type {
  ClubKind,
  DrillEffect,
  Hand,
  LessonRecord,
  MovedOverAll,
  PlayerRecord,
  ReadingContext,
  Standing,
  Visit,
  WantedByClub,
} from '@loxos/core';
import type { Scope } from '../common/scope.ts';
import { connect } from '../db/connection.ts';
import { handleOn } from '../db/handle.ts';
import type { Handle } from '../db/handle.ts';
import { ReadingsRepository } from '../readings/readings.repository.ts';

interface Where {
  readonly url: string;
  readonly authToken: string | undefined;
  readonly scope: Scope;
}

interface InContext extends Where {
  readonly context: ReadingContext;
}

export interface RecordToMake extends InContext {
  readonly playerId: string;
  readonly wanted: WantedByClub;
  readonly kind: ClubKind | undefined;
}

export interface StandingsToMake extends InContext {
  readonly players: readonly { readonly playerId: string; readonly wanted: WantedByClub }[];
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

/** A player's visits and what drills moved in them, as kept. */
async function visitsOf(scope: Scope, db: Handle, playerId: string) {
  const kept = await new ReadingsRepository().kept(scope, db, playerId);
  const visits = kept.map(({ lessonId, at, count, about, columns }): Visit => {
    const { clubs, blocks } = JSON.parse(about) as Pick<LessonRecord, 'clubs' | 'blocks'>;
    return { lessonId, at, balls: openRecord({ count, clubs, blocks, columns }) };
  });
  const effects = kept.flatMap((one) => JSON.parse(one.effects) as DrillEffect[]);
  return { visits, effects };
}

/** A player's record from their kept readings. */
export const makeRecord = (asked: RecordToMake): Promise<PlayerRecord | null> =>
  onDatabase(asked, async (db) => {
    const { visits, effects } = await visitsOf(asked.scope, db, asked.playerId);
    const { wanted, kind } = asked;
    return playerRecord(visits, { context: resolveContext(asked.context), wanted, effects, kind });
  });

/** Where some players stand, from their kept readings. */
export const makeStandings = (asked: StandingsToMake): Promise<Standing[][]> =>
  onDatabase(asked, async (db) => {
    const context = resolveContext(asked.context);
    const made: Standing[][] = [];
    for (const { playerId, wanted } of asked.players) {
      const { visits, effects } = await visitsOf(asked.scope, db, playerId);
      made.push(standingsOf(visits, { context, wanted, effects }));
    }
    return made;
  });

export interface MovedToMake extends Where {
  readonly kind: ClubKind;
}

/** What drills moved over all players, from their kept readings. */
export const makeMoved = (asked: MovedToMake): Promise<MovedOverAll[]> =>
  onDatabase(asked, async (db) => {
    const byPlayer = new Map<string, { hand: Hand; effects: DrillEffect[] }>();
    for (const { playerId, hand, effects } of await new ReadingsRepository().effects(
      asked.scope,
      db,
    )) {
      const own = byPlayer.get(playerId) ?? { hand, effects: [] };
      own.effects.push(...(JSON.parse(effects) as DrillEffect[]));
      byPlayer.set(playerId, own);
    }
    return movedOverAll([...byPlayer.values()], asked.kind);
  });
