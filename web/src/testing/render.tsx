// Renders a part of the app with a query cache that is already filled, and a lesson with its pending changes made.
import { DEFAULT_RULES, recordOf } from '@loxos/core';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render } from '@testing-library/react';
import type { ReactNode } from 'react';
import { MemoryRouter } from 'react-router';
import type {
  Bay,
  Given,
  GivenTo,
  Lesson,
  LessonSummary,
  OwnDrill,
  Player,
  RecordAnswer,
} from '../api/client.ts';
import type { Person } from '../api/account.ts';
import type { Account } from '../api/who.ts';
import { applyPending } from '../sync/apply.ts';
import { useLog, waiting } from '../sync/log.ts';
import { stepsOf } from '../sync/pending.ts';
import type { Pending } from '../sync/pending.ts';
import { today } from '../ui/academy-time.ts';
import { PIECES, keys } from '../api/keys.ts';
import type { Pieces } from '../api/keys.ts';

export interface Known {
  readonly lessons?: readonly Lesson[];
  readonly own?: readonly OwnDrill[];
  readonly bays?: readonly Bay[];
  readonly players?: readonly Player[];
  readonly summaries?: readonly LessonSummary[];
  readonly given?: readonly GivenTo[];
  readonly givenTo?: readonly Given[];
  readonly people?: readonly Person[];
  /** Where players stand. */
  readonly standings?: ReadonlyMap<string, readonly object[]>;
  /** Of each player, with the kind of club hit most. */
  readonly record?: { readonly [K in keyof RecordAnswer]: unknown };
  /** As whom; an owner unless said otherwise. */
  readonly role?: keyof typeof MAY;
  /** Whether nobody is signed in. */
  readonly isNobody?: boolean;
  /** Whether a server answers already (`answering`). */
  readonly isAnswered?: boolean;
}

const MAY = {
  owner: ['see', 'log', 'plan', 'own'],
  coach: ['see', 'log', 'plan'],
  assistant: ['see', 'log'],
} as const;

/** Somebody signed in at the test academy. */
export const accountOf = (role: keyof typeof MAY): Account => ({
  id: 'olga',
  name: 'Olga Ower',
  email: 'olga@academy.example',
  role,
  may: [...MAY[role]],
  academyId: 'test',
  academy: 'Test academy',
  zone: null,
  idleHours: 720,
  personalFor: 'coaches',
  goneMonths: null,
});

/** A cache that knows what it is told and asks nobody. */
function clientKnowing({
  lessons = [],
  own = [],
  bays = [],
  players = [],
  summaries = [],
  given = [],
  givenTo = [],
  people = [],
  record,
  standings = new Map(),
  role = 'owner',
  isNobody = false,
}: Known): QueryClient {
  const client = new QueryClient({
    defaultOptions: { queries: { staleTime: Infinity, retry: false } },
  });
  const { naming, bands, accuracy, firstRoute } = DEFAULT_RULES;
  client.setQueryData(keys.settings, { naming, bands, accuracy, firstRoute, version: 0 });
  client.setQueryData(keys.drills, own);
  client.setQueryData(keys.bays, bays);
  client.setQueryData(keys.players, players);
  client.setQueryData(keys.health, { status: 'ok' });
  if (!isNobody) client.setQueryData(['account'], accountOf(role));
  client.setQueryData(['people'], people);
  client.setQueryData(
    keys.standings(),
    [...standings].map(([playerId, own]) => ({ playerId, standings: own })),
  );
  client.setQueryData([...keys.lessons, 'given', today()], given);
  for (const lesson of lessons) {
    const { balls, blocks, parts, files, repetitions, pages, ...head } = lesson;
    const pieces: Pieces = { head, balls, blocks, parts, files, repetitions, pages };
    for (const piece of PIECES) client.setQueryData(keys.piece(lesson.id, piece), pieces[piece]);
    client.setQueryData(keys.effects(lesson.player.id), []);
    client.setQueryData([...keys.lessons, 'given', lesson.player.id, today()], givenTo);
    client.setQueryData([...keys.players, lesson.player.id], lesson.player);
  }
  for (const player of players) {
    client.setQueryData([...keys.players, player.id], player);
    client.setQueryData([...keys.lessons, 'given', player.id, today()], givenTo);
    client.setQueryData([...keys.lessons, { playerId: player.id }], summaries);
    client.setQueryData(keys.record(player.id, {}), record);
  }
  return client;
}

/** Lessons are asked for by day, week and player: the same list answers all; nothing else is asked for. */
function answerLessons(summaries: readonly LessonSummary[]): void {
  globalThis.fetch = (request) => {
    const { pathname } = new URL((request as Request).url);
    const isKnown = pathname === '/api/lessons';
    const body = isKnown ? summaries : { message: `nobody answers ${pathname} here` };
    return Promise.resolve(
      new Response(JSON.stringify(body), {
        status: isKnown ? 200 : 404,
        headers: { 'content-type': 'application/json' },
      }),
    );
  };
}

/** Shows something at an address, with the cache filled. */
export function show(children: ReactNode, known: Known = {}, at = '/') {
  if (known.isAnswered !== true) answerLessons(known.summaries ?? []);
  return render(
    <QueryClientProvider client={clientKnowing(known)}>
      <MemoryRouter initialEntries={[at]}>{children}</MemoryRouter>
    </QueryClientProvider>,
  );
}

/** A lesson as it is once every pending change is made. */
function Live({ lesson, children }: { lesson: Lesson; children: (lesson: Lesson) => ReactNode }) {
  const entries = useLog((state) => state.entries);
  return children(
    applyPending(
      lesson,
      waiting(entries).map(({ change }) => change),
    ),
  );
}

/** Shows a step of a lesson; what is done in it shows at once, as on the screen. */
export function showLesson(
  lesson: Lesson,
  step: (lesson: Lesson) => ReactNode,
  known: Known = {},
): void {
  useLog.setState({ entries: [] });
  show(<Live lesson={lesson}>{step}</Live>, {
    ...known,
    lessons: [lesson, ...(known.lessons ?? [])],
  });
}

/** The changes that wait to be stored, the newest last. */
export const changes = (): readonly Pending[] =>
  useLog.getState().entries.map(({ change }) => change);

/** What is waiting to be stored, step by step, as a test says it; the newest last. */
export const pending = () =>
  stepsOf(changes()).map(({ thing, verb, id, of, fields }) => ({
    name: `${thing}.${verb}`,
    ...{ id, of, fields },
  }));

/** What was put down in a step so far, as the step's value. */
export function lastPart(part: string): Record<string, unknown> {
  const found = pending().flatMap(({ name, id, fields }) =>
    name === 'part.set' && id.endsWith(`.${part}`) ? [fields] : [],
  );
  if (found.length === 0) throw new Error(`nothing was put down in ${part}`);
  return recordOf(part, Object.assign({}, ...found) as Record<string, unknown>);
}
