import { addDaysIso, dayIn, fieldsOf, findDrill, instantIn, ownZone } from '@loxos/core';
import type { HomeworkDay } from '@loxos/core';
import type { Api } from './api.ts';
import { visitFiles } from './files.ts';
import { PEOPLE, allVisits } from './people.ts';
import { addStaff } from './staff.ts';
import type { Person } from './people.ts';
import type { Visit } from './visit.ts';

interface Stored {
  readonly id: string;
}
interface StoredPlayer extends Stored {
  readonly name: string;
}

/** The demo is of the zone of the machine it runs on, and founded so. */
const ZONE = ownZone();

const timeOf = (minutes: number): string => `${Math.floor(minutes / 60)}:${minutes % 60}`;

/** Returns the instant so many days before today, so many minutes after midnight. */
const instantOf = ({ daysAgo, at }: Visit, today: string): string =>
  instantIn(addDaysIso(today, -daysAgo), timeOf(at), ZONE);

/** Puts down what was done in a lesson, through the same API as the screens. */
async function addSteps(api: Api, lessonId: string, visit: Visit, today: string): Promise<void> {
  const { done, blocks } = visit;
  const { balls } = await api.get<{ balls: Stored[] }>(`/api/lessons/${lessonId}/balls`);
  let at = 0;
  const hit = (visit.monitors ?? [null]).flatMap(() => blocks);
  for (const { balls: count, tag } of hit) {
    const ballIds = balls.slice(at, at + count).map(({ id }) => id);
    at += count;
    if (tag === undefined) continue;
    const { block: kind, drillId = null } = tag;
    const id = crypto.randomUUID();
    const of = lessonId;
    await api.edit([{ thing: 'block', verb: 'add', id, of, fields: { kind, drillId } }]);
    const put = { thing: 'ball', verb: 'set', of, fields: { blockId: id } } as const;
    if (ballIds.length > 0) await api.edit(ballIds.map((ballId) => ({ ...put, id: ballId })));
  }
  if (done === undefined) return;
  const put = (part: string, value: object) =>
    api.edit([
      {
        ...({ thing: 'part', verb: 'set' } as const),
        id: `${lessonId}.${part}`,
        fields: fieldsOf(part, { ...value }),
      },
    ]);
  if (done.setup !== undefined) await put('setup', done.setup);
  if (done.observations !== undefined) await put('causes', { observations: done.observations });
  const [drillId] = done.drillIds ?? [];
  if (drillId === undefined) return;
  const wanted = { pathDeg: done.pathDeg ?? 4, faceDeg: 2, startDeg: 0 };
  const { route = null, stage = 0, drillIds } = done;
  await put('work', { route, stage, drillIds, stations: { [drillId]: wanted } });
  for (const [index, mark] of [...(done.repetitions ?? '')].entries()) {
    const miss = mark === '+' ? '' : (findDrill(drillId)?.misses[0] ?? '');
    const id = `${lessonId.slice(0, 24)}-${index}`;
    const step = done.doseStep === undefined ? {} : { doseStep: done.doseStep };
    const fields = { drillId, good: mark === '+', miss, ...step };
    await api.edit([{ thing: 'repetition', verb: 'add', id, of: lessonId, fields }]);
  }
  if (done.pageTicks !== undefined) await addPage(api, lessonId, done.pageTicks, today);
}

/** A page as it was given, with some of its homework ticked from the link. */
async function addPage(api: Api, lessonId: string, ticks: number, today: string): Promise<void> {
  const { token } = await api.post<{ token: string }>(`/api/lessons/${lessonId}/pages`, {
    days: 90,
  });
  const { homework } = await api.get<{ homework: HomeworkDay[] }>(`/api/p/${token}`);
  const due = homework.filter(({ date }) => date <= today);
  for (const { date } of due.slice(0, ticks)) {
    await api.edit([{ thing: 'tick', verb: 'set', id: date, fields: { done: true } }], token);
  }
}

async function addVisit(api: Api, person: Person, playerId: string, visit: Visit, today: string) {
  const startsAt = instantOf(visit, today);
  const id = crypto.randomUUID();
  const fields = { startsAt, asked: visit.asked };
  await api.edit([{ thing: 'lesson', verb: 'add', id, of: playerId, fields }]);
  if (visit.blocks.length === 0) return;
  for (const { name, text } of visitFiles(person, visit)) {
    const { outcome } = await api.upload(`/api/lessons/${id}/files`, name, text);
    if (outcome !== 'added') throw new Error(`the demo file ${name} was not taken: ${outcome}`);
  }
  await addSteps(api, id, visit, today);
}

async function addPerson(
  api: Api,
  person: Person,
  coachId: string,
  today: string,
): Promise<StoredPlayer> {
  const { name, hand, lengthUnit, speedUnit, aims, bodyNotes, wanted } = person;
  const goals = (person.goals ?? []).map(({ setDaysAgo, byInDays, ...goal }, n) => ({
    ...goal,
    id: `goal-${n + 1}-of-the-demo`,
    setOn: addDaysIso(today, -setDaysAgo),
    by: addDaysIso(today, byInDays),
  }));
  const said = { name, hand, lengthUnit, speedUnit, aims, bodyNotes, coachId, goals };
  const id = crypto.randomUUID();
  const fields = { ...said, ...(wanted && { wanted: { all: wanted } }) };
  await api.edit([{ thing: 'player', verb: 'add', id, fields }]);
  return { id, name };
}

/**
 * Fills an empty academy with the demo's people and visits. On a later day only the lessons of that
 * day are added, so that what was tried in between stays.
 */
export async function seed(api: Api, now: Date): Promise<void> {
  const coaches = await addStaff(api);
  const known = await api.get<StoredPlayer[]>('/api/players');
  const today = dayIn(now.toISOString(), ZONE);
  const [from, to] = [today, addDaysIso(today, 1)].map((day) => instantIn(day, '0:00', ZONE));
  const ofToday = await api.get<Stored[]>(`/api/lessons?from=${from}&to=${to}`);
  if (ofToday.length > 0) return;
  for (const [index, person] of PEOPLE.entries()) {
    const before = known.find(({ name }) => name === person.name);
    const player =
      before ?? (await addPerson(api, person, coaches[index % coaches.length]!, today));
    const visits = before === undefined ? allVisits(person) : person.visits.slice(-1);
    for (const visit of visits) await addVisit(api, person, player.id, visit, today);
  }
}
