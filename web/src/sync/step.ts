import type { Fields, Step, ThingName, Verb } from '@loxos/core';
import type {
  AddRepetition,
  ChangeSource,
  CreateBall,
  CreateBay,
  CreateLesson,
  CreateOwnDrill,
  CreatePlayer,
  StartBlock,
  UpdateBall,
  UpdateBay,
  UpdateBlock,
  UpdateLesson,
  UpdatePlayer,
} from '../api/client.ts';

/** What is said of each thing; of a part and of the settings by path. Where one comes back, how it was. */
interface Said {
  'player.add': CreatePlayer;
  'player.set': UpdatePlayer;
  'lesson.add': CreateLesson;
  'lesson.set': UpdateLesson;
  'ball.add': CreateBall;
  'ball.set': UpdateBall;
  'block.add': StartBlock;
  'block.set': UpdateBlock;
  'part.set': Fields;
  'repetition.add': AddRepetition;
  'drill.add': CreateOwnDrill;
  'source.set': ChangeSource;
  'setting.set': Fields;
  'tick.set': { readonly done: boolean };
  'word.add': { readonly text: string };
  'bay.add': CreateBay;
  'bay.set': UpdateBay;
}
type StepName = `${ThingName}.${Verb}`;

/** A step as it is made; which version was seen is added when it is put down. */
export type NewStep = Omit<Step, 'seen'>;

/** Returns a step: what is done with a thing, of what, and what is said of it. */
export function step<N extends StepName>(
  name: N,
  { id, of = '' }: { readonly id: string; readonly of?: string },
  ...[fields]: N extends keyof Said ? [Said[N]] : [object?]
): NewStep {
  const [thing, verb] = name.split('.') as [ThingName, Verb];
  return { thing, verb, id, of, fields: { ...fields } };
}

/** Returns the step that changes what a step of a lesson holds. */
export const partStep = (lessonId: string, part: string, changes: Fields): NewStep =>
  step('part.set', { id: `${lessonId}.${part}`, of: lessonId }, changes);
