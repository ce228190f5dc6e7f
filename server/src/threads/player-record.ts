import { openRecord, playerRecord, resolveContext } from '@loxos/core';
import type {
  ClubKind,
  DrillEffect,
  LessonRecord,
  PlayerRecord,
  ReadingContext,
  Visit,
  WantedByClub,
} from '@loxos/core';
import type { Scope } from '../common/scope.ts';
import { connect } from '../db/connection.ts';
import { handleOn } from '../db/handle.ts';
import { ReadingsRepository } from '../readings/readings.repository.ts';

export interface RecordToMake {
  readonly url: string;
  readonly authToken: string | undefined;
  readonly scope: Scope;
  readonly playerId: string;
  readonly context: ReadingContext;
  readonly wanted: WantedByClub;
  readonly kind: ClubKind | undefined;
}

/** A player's record from their kept readings, by a connection of its own. */
export async function makeRecord(asked: RecordToMake): Promise<PlayerRecord | null> {
  const connection = connect(asked.url, asked.authToken);
  try {
    const db = handleOn(connection);
    const kept = await new ReadingsRepository().kept(asked.scope, db, asked.playerId);
    const visits = kept.map(({ lessonId, at, count, about, columns }): Visit => {
      const { clubs, blocks } = JSON.parse(about) as Pick<LessonRecord, 'clubs' | 'blocks'>;
      return { lessonId, at, balls: openRecord({ count, clubs, blocks, columns }) };
    });
    const effects = kept.flatMap((one) => JSON.parse(one.effects) as DrillEffect[]);
    const { wanted, kind } = asked;
    return playerRecord(visits, { context: resolveContext(asked.context), wanted, effects, kind });
  } finally {
    connection.close();
  }
}
