import { DEFAULT_RULES, EMPTY_BALL } from '@loxos/core';
import { fireEvent, screen, within } from '@testing-library/react';
import type { Lesson } from '../../../api/client.ts';
import { lessonOf, readingOf, stepOf } from '../../../testing/lesson.ts';
import type { MadeBalls } from '../../../testing/lesson.ts';
import { lastPart, pending, showLesson } from '../../../testing/render.tsx';
import { contextOf } from '@loxos/core';
import { useLessonScreen } from '../lesson-store.ts';
import { WorkStep } from './WorkStep.tsx';

function open(blocks: readonly MadeBalls[], player: Partial<Lesson['player']> = {}): void {
  useLessonScreen.getState().reset();
  showLesson(lessonOf(blocks, player), (lesson) => (
    <WorkStep {...stepOf(lesson, readingOf(lesson, contextOf(lesson, DEFAULT_RULES)))} />
  ));
}
const first = () => within(screen.getByRole('region', { name: 'What first' }));
const slice: MadeBalls = { club: 'driver', pathDeg: -6, faceDeg: -1, block: 'baseline' };
const pull: MadeBalls = { pathDeg: -6, faceDeg: -6, block: 'baseline' };

describe('Work', () => {
  it('says the move in one line, and shows the next balls now and after it', () => {
    open([pull]);
    expect(
      first().getByText(/^(Turn|Try turning) everything 6° right: face and path together\./),
    ).toBeInTheDocument();
    expect(first().getByRole('img', { name: /^Now: / })).toBeInTheDocument();
    expect(
      first().getByRole('img', { name: /^After face and path together: / }),
    ).toBeInTheDocument();
    expect(first().getByText(/^Watch the gap\./)).toBeInTheDocument();
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
    expect(pending().at(-1)).toMatchObject({ fields: { route: null } });
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

  it('keeps to each station its own angles, within what it can be laid for', () => {
    open([slice]);
    const drills = () => within(screen.getByRole('region', { name: 'Drills' }));
    const giveNamed = (name: string): void => {
      const line = drills()
        .getAllByRole('listitem')
        .find((item) => item.textContent.startsWith(name))!;
      fireEvent.click(within(line).getByRole('button', { name: 'Give it' }));
    };
    giveNamed('Stepping pegs');
    const path = screen.getByRole('textbox', { name: /^Path asked for/ });
    fireEvent.change(path, { target: { value: '7' } });
    giveNamed('Overhang');
    const { stations, drillIds } = lastPart('work') as {
      stations: Record<string, { pathDeg: number }>;
      drillIds: string[];
    };
    expect(drillIds).toEqual(['stepping-pegs', 'overhang']);
    expect(stations['stepping-pegs']!.pathDeg).toBe(7);
    expect(stations['overhang']!.pathDeg).not.toBe(7);
    fireEvent.click(screen.getByRole('button', { name: /^Take .* away$/ }));
    expect((lastPart('work') as { drillIds: string[] }).drillIds).toEqual(['stepping-pegs']);
  });

  it('logs by two large buttons', () => {
    open([pull]);
    fireEvent.click(screen.getAllByRole('button', { name: 'Give it' })[0]!);
    fireEvent.click(screen.getByRole('button', { name: 'Good' }));
    expect(screen.getByText('1 of 1 good')).toBeInTheDocument();
    fireEvent.click(screen.getByRole('button', { name: 'Take it back' }));
    expect(pending().slice(-2)).toMatchObject([
      { name: 'repetition.add' },
      { name: 'repetition.remove' },
    ]);
  });

  it('leaves a usable fade alone, and makes the flight the wanted one on request', () => {
    open([{ pathDeg: -5, faceDeg: -2, block: 'baseline' }]);
    expect(first().getByText(/^Leave the direction/)).toBeInTheDocument();
    // Not an empty half: what else would be worth it, and drills that keep it.
    expect(first().getByText(/^Strike\./)).toBeInTheDocument();
    expect(screen.getByRole('heading', { name: 'Drills that keep it' })).toBeInTheDocument();
    fireEvent.click(first().getByRole('button', { name: 'Make this the wanted flight' }));
    expect(lastPart('setup')).toMatchObject({ wanted: { shape: 'fade' } });
  });

  const taps = (startDirectionDeg: number, curveM: number, club: string): Lesson => {
    const made = lessonOf([]);
    const tap = { ...EMPTY_BALL, club, seen: 'eye', startDirectionDeg, curveM };
    const balls = Array.from({ length: 6 }, (_, i) => ({
      ...tap,
      id: `tap-${i}`,
      lessonId: made.id,
      ordinal: i + 1,
      keep: 'auto',
      blockId: null,
    }));
    return { ...made, balls: balls as unknown as Lesson['balls'] };
  };
  const show = (made: Lesson): void => {
    useLessonScreen.getState().reset();
    showLesson(made, (lesson) => <WorkStep {...stepOf(lesson)} />);
  };

  it('never leaves six taps that all start left: it turns both, as a try or outright', () => {
    show(taps(-6, 0, '7-iron'));
    expect(first().getByText(/(T|t)urn(ing)? everything right/)).toBeInTheDocument();
    expect(first().queryByText(/leave/i)).toBeNull();
  });

  it('of taps it cannot tell asks the one look that tells most, and a strike is put down with one tap', () => {
    show(taps(3, 9, '7-iron'));
    const isAsked = first().queryByRole('group', { name: 'Where on the face?' });
    if (isAsked === null) {
      expect(first().queryByText(/^Leave/)).toBeNull();
      return;
    }
    fireEvent.click(within(isAsked).getByRole('button', { name: /^Toe/ }));
    expect(pending()).toHaveLength(6);
    expect(pending()[0]).toMatchObject({ name: 'ball.set', fields: { strikeToeMm: 15 } });
  });

  it('asks for balls where there are none', () => {
    open([]);
    expect(screen.getByRole('link', { name: 'Bring balls in' })).toBeInTheDocument();
  });
});
