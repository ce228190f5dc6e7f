import { THINGS, didWords, mayDo } from '@loxos/core';
import type { Fields, NamedStep, Right, ThingName } from '@loxos/core';
import {
  ForbiddenException,
  GoneException,
  Inject,
  Injectable,
  NotFoundException,
} from '@nestjs/common';
import { CAN, REFUSALS } from '../door/abilities.ts';
import { Clock } from '../common/clock.ts';
import { Problems } from '../common/problems.ts';
import type { Scope } from '../common/scope.ts';
import { checked, invalid } from '../common/validation.ts';
import { Store } from '../db/store.ts';
import type { Handle } from '../db/handle.ts';
import type { Noted, Writer } from '../history/history.service.ts';
import { HistoryService } from '../history/history.service.ts';
import { EDITS } from '../history/edits.ts';
import type { Edits, Found } from '../history/edits.ts';
import type {
  ChangeAnswer,
  ChangeDto,
  ChangedThing,
  ChangesAnswer,
  ChangesDto,
  StepDto,
} from './change.dto.ts';

/** A step that was done: what it is called, and what history keeps of it. */
interface DoneStep {
  readonly named: NamedStep;
  readonly noted: Noted;
}

function rightsOf({ role }: Scope): readonly Right[] {
  if (role === 'player') return ['page'];
  // A bay gives balls, and edits nothing.
  if (role === 'bay') return [];
  return CAN[role].filter((ability) => ability === 'log' || ability === 'plan');
}

/** Returns a step as its scope has it: at a page it is of that page, or of the lesson that was given on it. */
function within({ page }: Scope, step: StepDto): StepDto {
  if (page === undefined) return step;
  return { ...step, of: step.thing === 'repetition' ? (page.lessonId ?? '') : page.id };
}

const given = (fields: object): Fields =>
  Object.fromEntries(Object.entries(fields).filter(([, value]) => value !== undefined));

/** Takes what people edit, whatever it is: right, fields, versions, merge and history, a change a transaction. */
@Injectable()
export class ChangesService {
  private readonly edits: ReadonlyMap<ThingName, Edits>;

  constructor(
    private readonly store: Store,
    private readonly history: HistoryService,
    private readonly clock: Clock,
    private readonly problems: Problems,
    @Inject(EDITS) edits: readonly Edits[],
  ) {
    this.edits = new Map(edits.map((one) => [one.thing, one]));
  }

  /** Takes changes in the order made. Where the server fails on one, those after it are left for another time. */
  async take(
    scope: Scope,
    { changes, device = '' }: ChangesDto,
    who: string,
  ): Promise<ChangesAnswer> {
    const answers: ChangeAnswer[] = [];
    for (const change of changes) {
      const answer = await this.takeOne(scope, change, { device, who });
      answers.push(answer);
      if ((answer.problem?.statusCode ?? 0) >= 500) break;
    }
    return { answers };
  }

  private async takeOne(
    scope: Scope,
    { id, steps }: ChangeDto,
    by: Pick<Writer, 'device' | 'who'>,
  ): Promise<ChangeAnswer> {
    const writer = { ...by, id };
    const own = steps.map((step) => within(scope, step));
    try {
      // Also of a change that was taken before: it may name other things now, and what they are is answered.
      for (const step of own) this.editsOf(scope, step);
      const things = await this.store.write(async (tx) => {
        if (!(await this.history.isTaken(scope, tx, id))) await this.doAll(scope, tx, own, writer);
        return scope.page === undefined ? this.read(scope, tx, own) : [];
      });
      return { id, problem: null, things };
    } catch (error) {
      return { id, problem: this.problems.of(error, 'change'), things: [] };
    }
  }

  private async doAll(
    scope: Scope,
    tx: Handle,
    steps: readonly StepDto[],
    writer: Writer,
  ): Promise<void> {
    const done: DoneStep[] = [];
    for (const step of steps) {
      const one = await this.doStep(scope, tx, step, writer);
      if (one !== null) done.push(one);
    }
    const what = didWords(done.map(({ named }) => named));
    await this.history.note(
      scope,
      tx,
      done.map(({ noted }) => noted),
      what,
      writer,
    );
  }

  /** Does a step; null where nothing was left to do. */
  private async doStep(
    scope: Scope,
    tx: Handle,
    step: StepDto,
    writer: Writer,
  ): Promise<DoneStep | null> {
    const { thing, verb, id, of } = step;
    const edits = this.editsOf(scope, step);
    const found = await edits.find(scope, tx, id, of);
    if (verb === 'add') {
      if (found === null) return this.make(scope, tx, edits, step);
      if (found.of !== of)
        throw invalid([{ field: 'id', reason: `this id is another ${thing}’s` }]);
      if (found.fields['deleted'] !== true) return null;
      if (THINGS[thing].isBackWhenAdded !== true)
        throw new GoneException(`This ${thing} was taken away.`);
      return this.edit(scope, tx, edits, found, { ...step, verb: 'restore' }, writer);
    }
    // What is there says itself what it is of.
    if (found === null || (of !== '' && found.of !== of))
      throw new NotFoundException(`There is no such ${thing} in this academy.`);
    return this.edit(scope, tx, edits, found, step, writer);
  }

  /** Says who edits a thing. Throws where somebody may not, or nobody may. */
  private editsOf(scope: Scope, { thing, verb }: StepDto): Edits {
    const edits = this.edits.get(thing);
    const rights = THINGS[thing].may[verb];
    if (edits === undefined || rights === undefined)
      throw invalid([{ field: 'verb', reason: `${verb} cannot be done with a ${thing}` }]);
    if (mayDo(thing, verb, rightsOf(scope))) return edits;
    const [right] = rights;
    throw new ForbiddenException(
      right === 'page' || right === undefined
        ? 'This is done at the player’s page.'
        : REFUSALS[right],
    );
  }

  private async make(
    scope: Scope,
    tx: Handle,
    edits: Edits,
    { thing, id, of, fields }: StepDto,
  ): Promise<DoneStep> {
    const { pattern, reason } = edits.id;
    if (!pattern.test(id)) throw invalid([{ field: 'id', reason }]);
    const said = await this.checkedBy(edits.fieldsOf.add, fields);
    await edits.make(scope, tx, { id, of, fields: said, at: this.clock.text() });
    const found = (await edits.find(scope, tx, id, of))!;
    return this.done(found, { thing, verb: 'add', isUndo: false }, 0, {
      before: { deleted: true },
      after: { deleted: false },
    });
  }

  private async edit(
    scope: Scope,
    tx: Handle,
    edits: Edits,
    found: Found,
    { thing, verb, fields, seen, was }: StepDto,
    writer: Writer,
  ): Promise<DoneStep | null> {
    const isSet = verb === 'set';
    const said = isSet
      ? await this.checkedBy(edits.fieldsOf.set, fields)
      : { deleted: verb === 'remove' };
    const wanted = await edits.check({ scope, tx, found, verb, fields: said });
    const beside = Object.keys(was ?? {}).filter((name) => !(name in wanted));
    // What is not written may not be read by what it is refused for.
    if (beside.length > 0)
      throw invalid([{ field: 'was', reason: `was: ${beside.join(', ')} is not changed here` }]);
    const of = { ...found, thing };
    const expected = { seen, was: was ?? null };
    const changed = await this.history.settle(scope, tx, of, wanted, expected, writer);
    if (changed === null) return null;
    const saving = { fields: changed.after, version: found.version + 1 };
    await edits.save(scope, tx, found, { ...saving, at: this.clock.text(), who: writer.who });
    const did = isSet ? await edits.did(scope, tx, changed.after) : undefined;
    const named = { thing, verb, isUndo: was !== undefined, ...(did !== undefined && { did }) };
    return this.done(found, named, found.version, changed);
  }

  private done(
    { id, label, lessonId, playerId }: Found,
    named: Omit<NamedStep, 'label'>,
    version: number,
    { before, after }: Pick<Noted, 'before' | 'after'>,
  ): DoneStep {
    const of = { thing: named.thing, id, lessonId, playerId, version };
    return { named: { ...named, label }, noted: { ...of, before, after } };
  }

  private async checkedBy(type: (new () => object) | undefined, fields: Fields): Promise<Fields> {
    return type === undefined ? fields : given(await checked(type, fields));
  }

  /** Reads what steps are of, each thing once: a player’s page asks for itself anew. */
  private async read(scope: Scope, tx: Handle, steps: readonly StepDto[]): Promise<ChangedThing[]> {
    const all = new Map(steps.map((step) => [`${step.thing} ${step.id}`, step]));
    const things: ChangedThing[] = [];
    for (const { thing, id, of } of all.values()) {
      const value = (await this.edits.get(thing)?.read(scope, tx, id, of)) ?? null;
      things.push({ thing, id, value: value as ChangedThing['value'] });
    }
    return things;
  }
}
