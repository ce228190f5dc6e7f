import { DEFAULT_RULES, EMPTY_BALL } from '@loxos/core';
import { fireEvent, screen, within } from '@testing-library/react';
import type { Lesson } from '../../../api/client.ts';
import { lessonOf, readingOf } from '../../../testing/lesson.ts';
import type { MadeBalls } from '../../../testing/lesson.ts';
import { lastPart, pending, showLesson } from '../../../testing/render.tsx';
import { contextOf } from '../use-reading.ts';
import { useLessonScreen } from '../lesson-store.ts';
import { WorkStep } from './WorkStep.tsx';

function open(blocks: readonly MadeBalls[], player: Partial<Lesson['player']> = {}): void {
  useLessonScreen.getState().reset();
  showLesson(lessonOf(blocks, player), (lesson) => (
    <WorkStep
      lesson={lesson}
      reading={readingOf(lesson, contextOf(lesson, { ...DEFAULT_RULES, version: 0 }))}
    />
  ));
}
const first = () => within(screen.getByRole('region', { name: 'What first' }));
const slice: MadeBalls = { club: 'driver', pathDeg: -6, faceDeg: -1, block: 'baseline' };
const pull: MadeBalls = { pathDeg: -6, faceDeg: -6, block: 'baseline' };

describe('Work', () => {
  it('says the move in one line, and shows the next balls now and after it', () => {
    open([pull]);
    expect(first().getByText(/^Turn face and path together, 6° right\.$/)).toBeInTheDocument();
    expect(first().getByRole('img', { name: /^Now: / })).toBeInTheDocument();
    expect(first().getByRole('img', { name: /^After both together: / })).toBeInTheDocument();
    expect(first().getByText(/A straight pull: watch the gap/)).toBeInTheDocument();
  });

  it('offers every route as a picture; the coach’s choice is kept, and given back to the balls', () => {
    open([slice]);
    const routes = within(first().getByRole('group', { name: 'Routes' }));
    const other = routes.getAllByRole('button', { pressed: false })[0]!;
    fireEvent.click(other);
    const { route } = lastPart('work');
    expect(typeof route).toBe('string');
    expect(first().getByText(/^Your choice; these balls speak for/)).toBeInTheDocument();
    fireEvent.click(first().getByRole('button', { name: 'As the balls say' }));
    expect(pending().at(-1)).toMatchObject({ changes: { route: null } });
  });

  it('works on either stage of a route', () => {
    open([slice]);
    const routes = within(first().getByRole('group', { name: 'Routes' }));
    fireEvent.click(routes.getByRole('button', { name: /Gap first/ }));
    const stages = within(first().getByRole('group', { name: 'Working on' }));
    expect(stages.getAllByRole('radio')).toHaveLength(2);
    fireEvent.click(stages.getAllByRole('radio')[1]!);
    expect(lastPart('work')).toMatchObject({ route: 'gap-first', stage: 1 });
    expect(first().getAllByRole('img', { name: /^After/ })).toHaveLength(2);
  });

  it('offers three drills that make the move, and gives one with a station of its own', () => {
    open([pull]);
    const drills = within(screen.getByRole('region', { name: 'Drills' }));
    expect(drills.getAllByRole('button', { name: 'Give it' }).length).toBeGreaterThanOrEqual(3);
    expect(screen.getByRole('region', { name: /laid out$/ })).toBeInTheDocument();
    fireEvent.click(drills.getAllByRole('button', { name: 'Give it' })[0]!);
    const { drillIds, stations } = lastPart('work') as {
      drillIds: string[];
      stations: Record<string, object>;
    };
    expect(drillIds).toHaveLength(1);
    expect(Object.keys(stations)).toEqual(drillIds);
    expect(screen.getByRole('article')).toBeInTheDocument();
    expect(screen.queryByRole('region', { name: /laid out$/ })).toBeNull();
  });

  it('keeps to each station its own angles', () => {
    open([pull]);
    const give = () =>
      fireEvent.click(
        within(screen.getByRole('region', { name: 'Drills' }))
          .getAllByRole('button', { name: 'Give it' })
          .filter((button) => !button.hasAttribute('disabled'))[0]!,
      );
    give();
    give();
    const { drillIds } = lastPart('work') as { drillIds: [string, string] };
    const path = screen.getByRole('textbox', { name: /^Path asked for/ });
    fireEvent.change(path, { target: { value: '9' } });
    const { stations } = lastPart('work') as { stations: Record<string, { pathDeg: number }> };
    expect(stations[drillIds[1]]!.pathDeg).toBe(9);
    expect(stations[drillIds[0]]!.pathDeg).not.toBe(9);
    fireEvent.click(screen.getByRole('button', { name: /^Take .* away$/ }));
    expect((lastPart('work') as { drillIds: string[] }).drillIds).toEqual([drillIds[0]]);
  });

  it('logs by two large buttons', () => {
    open([pull]);
    fireEvent.click(screen.getAllByRole('button', { name: 'Give it' })[0]!);
    fireEvent.click(screen.getByRole('button', { name: 'Good' }));
    expect(screen.getByText('1 of 1 good')).toBeInTheDocument();
    fireEvent.click(screen.getByRole('button', { name: 'Take it back' }));
    expect(pending().slice(-2)).toMatchObject([{ op: 'repeat' }, { op: 'unrepeat' }]);
  });

  it('leaves a usable fade alone, and makes the flight the wanted one on request', () => {
    open([{ pathDeg: -5, faceDeg: -2, block: 'baseline' }]);
    expect(first().getByText(/leave it alone/i)).toBeInTheDocument();
    fireEvent.click(first().getByRole('button', { name: /Keep this flight/ }));
    expect(lastPart('setup')).toMatchObject({ wanted: { shape: 'fade' } });
  });

  it('claims no average miss of equal taps, and warns of nothing where nothing is changed', () => {
    const tap = { ...EMPTY_BALL, club: 'driver', seen: 'eye', startDirectionDeg: -3, curveM: 11 };
    const made = lessonOf([]);
    const balls = Array.from({ length: 6 }, (_, i) => ({
      ...tap,
      id: `tap-${i}`,
      lessonId: made.id,
      ordinal: i + 1,
      keep: 'auto',
      blockId: null,
    }));
    useLessonScreen.getState().reset();
    showLesson({ ...made, balls: balls as unknown as Lesson['balls'] }, (lesson) => (
      <WorkStep lesson={lesson} reading={readingOf(lesson)} />
    ));
    expect(first().getByText(/leave it alone/i)).toBeInTheDocument();
    expect(first().getByText('seen by eye')).toBeInTheDocument();
    expect(first().queryByText(/watch the gap/)).toBeNull();
    expect(first().queryByText(/ off$/)).toBeNull();
  });

  it('asks for balls where there are none', () => {
    open([]);
    expect(screen.getByRole('link', { name: 'Bring balls in' })).toBeInTheDocument();
  });
});
