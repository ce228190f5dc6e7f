import { EMPTY_BALL, ballOfTap } from '@loxos/core';
import { cleanup, fireEvent, screen, within } from '@testing-library/react';
import type { Lesson } from '../../../api/client.ts';
import { lessonOf, stepOf } from '../../../testing/lesson.ts';
import type { MadeBalls } from '../../../testing/lesson.ts';
import { lastPart, pending, showLesson } from '../../../testing/render.tsx';
import { useLessonScreen } from '../lesson-store.ts';
import { ReadStep } from './ReadStep.tsx';

function open(blocks: readonly MadeBalls[], player: Partial<Lesson['player']> = {}): void {
  useLessonScreen.getState().reset();
  showLesson(lessonOf(blocks, player), (lesson) => <ReadStep {...stepOf(lesson)} />);
}
const region = (name: string) => within(screen.getByRole('region', { name }));
const slice: MadeBalls = { pathDeg: -6, faceDeg: 0, block: 'baseline' };

describe('Read', () => {
  it('says first what the balls do, and goes on to the work', () => {
    open([slice]);
    const words = screen.getByRole('region', { name: 'Reading' }).textContent;
    expect(words).toMatch(/^(Pull-|Straight |Fades|Slices|Push-|No one shot)/);
    expect(words).toMatch(/out-to-in/);
    expect(screen.getByRole('link', { name: /Work on it/ })).toHaveAttribute(
      'href',
      '/lessons/lesson/work',
    );
  });

  it('draws the chosen ball at impact and in flight, the next by J', () => {
    open([slice]);
    expect(screen.getByRole('img', { name: /Flight of ball 1 from above/ })).toBeInTheDocument();
    fireEvent.keyDown(document.body, { key: 'j' });
    expect(screen.getByRole('img', { name: /Flight of ball 2 from above/ })).toBeInTheDocument();
    expect(screen.getByRole('button', { name: 'Choose ball 2' })).toHaveAttribute(
      'aria-pressed',
      'true',
    );
  });

  it('averages each block under the balls, never two together', () => {
    open([slice, { pathDeg: -1, faceDeg: 0, block: 'drill', drillId: 'rails' }]);
    const table = region('Table of balls');
    expect(table.getByRole('row', { name: /^Baseline average of 8/ })).toHaveTextContent('6.0° L');
    expect(table.getByRole('row', { name: /^Drill: Rails average of 8/ })).toHaveTextContent(
      '1.0° L',
    );
  });

  it('has a column for the strike only where one was measured, and names the club where there are two', () => {
    open([slice]);
    expect(screen.queryByRole('columnheader', { name: 'Strike' })).toBeNull();
    expect(region('Table of balls').queryByText('7 iron')).toBeNull();
    cleanup();
    open([slice, { pathDeg: 0, faceDeg: 0, club: 'driver' }]);
    expect(region('Table of balls').getAllByText('7 iron').length).toBeGreaterThan(1);
  });

  it('leaves a ball out and says so in its row; the averages go without it', () => {
    open([slice]);
    fireEvent.click(screen.getByRole('button', { name: 'Leave out' }));
    expect(pending()).toMatchObject([{ name: 'ball.set', id: 'ball-1', fields: { keep: 'out' } }]);
    expect(screen.getByText(/left out · not yet stored/)).toBeInTheDocument();
    expect(screen.getByRole('row', { name: /average of 7/ })).toBeInTheDocument();
    expect(screen.getByRole('button', { name: 'Keep in' })).toBeInTheDocument();
  });

  it('moves selected balls into another block, all between two by Shift', () => {
    open([slice, { pathDeg: -1, faceDeg: 0, block: 'drill', drillId: 'rails' }]);
    fireEvent.click(screen.getByRole('button', { name: 'Select' }));
    fireEvent.click(screen.getAllByRole('row')[3]!, { shiftKey: true });
    expect(screen.getAllByRole('checkbox', { checked: true })).toHaveLength(3);
    fireEvent.change(screen.getByLabelText('Move 3 balls to'), { target: { value: 'block-1' } });
    fireEvent.click(screen.getByRole('button', { name: 'Move' }));
    expect(pending()).toMatchObject([
      ...['ball-1', 'ball-2', 'ball-3'].map((id) => ({
        ...{ name: 'ball.set', id },
        fields: { blockId: 'block-1' },
      })),
    ]);
    expect(screen.queryByRole('checkbox')).toBeNull();
    expect(screen.getByRole('row', { name: /^Drill: Rails average of 11/ })).toBeInTheDocument();
  });

  it('asks why one look at a time, and takes an answer back from the chain', () => {
    open([slice]);
    const why = region('Why');
    const asked = why.getByRole('heading').textContent;
    expect(why.getByRole('img', { name: /Where to look/ })).toBeInTheDocument();
    fireEvent.click(within(why.getByRole('group', { name: asked })).getAllByRole('button')[2]!);
    const [id] = Object.keys(lastPart('causes')['observations'] as object);
    expect(lastPart('causes')).toEqual({ observations: { [id!]: 1 } });
    expect(why.getByRole('heading').textContent).not.toBe(asked);
    fireEvent.click(why.getByRole('button', { name: 'The whole chain' }));
    const chain = within(screen.getByRole('dialog'));
    const seen = within(chain.getByRole('group', { name: asked }));
    fireEvent.click(seen.getByRole('button', { pressed: true }));
    expect(lastPart('causes')).toEqual({ observations: {} });
  });

  it('reads a left-hander’s slice in their words, with the feet on their side', () => {
    open([{ pathDeg: 6, faceDeg: 0, block: 'baseline' }], { hand: 'left' });
    const words = screen.getByRole('region', { name: 'Reading' }).textContent;
    expect(words).toMatch(/bend .* left/);
    expect(words).toMatch(/out-to-in/);
  });

  it('lists nothing where no ball is there, and says how to begin', () => {
    open([]);
    expect(screen.getByRole('link', { name: 'Bring balls in' })).toHaveAttribute(
      'href',
      '/lessons/lesson/watch',
    );
  });
});

describe('balls an eye told the sides of', () => {
  /** Eight taps: they start left and bend right, by nobody said how much. */
  function tapped(): Lesson {
    const lesson = lessonOf([{ pathDeg: 0, faceDeg: 0 }]);
    const balls = lesson.balls.map(({ id, lessonId, ordinal, keep, club, clubText }) => ({
      ...EMPTY_BALL,
      ...{ id, lessonId, ordinal, keep, club, clubText, blockId: null, seen: 'eye' },
      ...ballOfTap({ start: 'left', bend: 'right' }, 150),
    }));
    return { ...lesson, balls: balls as unknown as Lesson['balls'] };
  }
  beforeEach(() => {
    useLessonScreen.getState().reset();
    showLesson(tapped(), (lesson) => <ReadStep {...stepOf(lesson)} />);
  });

  it('have no figure in the sentences, the table or the drawing', () => {
    expect(screen.getByRole('region', { name: 'Reading' })).toHaveTextContent(
      /^All 8 start left and bend back right\./,
    );
    const table = region('Table of balls');
    const row = table.getByRole('button', { name: 'Choose ball 1' }).closest('tr')!;
    expect(
      within(row)
        .getAllByRole('cell')
        .slice(1, 7)
        .map((cell) => cell.textContent),
    ).toEqual([...['Pull, bends rightby eye', '–', '–', '–', 'L', 'R']]);
    expect(table.getByRole('row', { name: /average of 8/ })).not.toHaveTextContent(/°|\d [LR]/);
    const drawn = within(screen.getByRole('figure', { name: 'Drawings' })).getByRole('img', {
      name: 'At impact: only the sides are known',
    });
    expect([...drawn.querySelectorAll('text')].map((text) => text.textContent)).toEqual([
      ...['path', 'face', 'start'],
    ]);
    expect(screen.getByText(/^Ball 1: starts left, bends right, by eye/)).toBeVisible();
  });

  it('are asked about, and one answer is put down for all', () => {
    const asked = within(screen.getByRole('group', { name: 'How much do they bend?' }));
    fireEvent.click(asked.getByRole('button', { name: /^Much/ }));
    expect(pending()).toHaveLength(8);
    for (const { fields } of pending())
      expect(fields).toEqual({ curveM: expect.closeTo(21, 6) as number, openAmount: 'start' });
  });
});
