import { applyPending, lessonOf as openedLesson } from '../../sync/apply.ts';
import { useLog } from '../../sync/log.ts';
import { lessonOf } from '../../testing/lesson.ts';
import { changes, pending } from '../../testing/render.tsx';
import { repeatLesson } from './repeat-lesson.ts';

const NEXT = '2026-05-18T09:00:00.000Z';
const part = (name: string, value: object) => ({ part: name, value, version: 3 });

beforeEach(() => useLog.setState({ entries: [] }));

describe('a lesson for the next visit', () => {
  it('is there at once with the work as it is, and nothing of what was seen', () => {
    const work = { route: 'path-then-face', stage: 1, drillIds: ['overhang'] };
    const seen = { observations: { chest: 1 } };
    const lesson = {
      ...lessonOf([{ pathDeg: -4, faceDeg: 0 }]),
      asked: 'Less slice',
      parts: [part('work', work), part('causes', seen)],
    } as unknown as ReturnType<typeof lessonOf>;
    const id = repeatLesson(lesson, NEXT);
    const made = openedLesson(id, [lesson.player], changes())!;
    expect(applyPending(made, changes())).toMatchObject({
      id,
      startsAt: NEXT,
      asked: 'Less slice',
      balls: [],
      player: { id: lesson.player.id },
      parts: [{ part: 'work', value: work }],
    });
  });

  it('opens without work where there was none', () => {
    repeatLesson(lessonOf([]), NEXT);
    expect(pending().map(({ name }) => name)).toEqual(['lesson.add']);
  });
});
