import { fireEvent, screen, within } from '@testing-library/react';
import { STANDARD_BAG, splitMiss, headOf } from '@loxos/core';
import { lessonOf } from '../../testing/lesson.ts';
import { lastPart, show, showLesson } from '../../testing/render.tsx';
import { clubOf, flightOf, stateFrom } from '../../app/workshop-state.ts';
import type { WorkshopState } from '../../app/workshop-state.ts';
import { BagPanel, LanePanel, SchoolsPanel, SplitPanel } from './panels.tsx';

const state = (search: string): WorkshopState => stateFrom(new URLSearchParams(search));
const propsOf = (made: WorkshopState) => ({
  state: made,
  delivery: { hand: made.hand, ...made.now },
});

describe('what each factor costs', () => {
  it('adds up to where the ball lands', () => {
    const made = state('h=right&c=7-iron&f=3&p=-2&w=0');
    const { delivery } = propsOf(made);
    const split = splitMiss(delivery, headOf(clubOf(made)), flightOf(made));
    const parts = split.faceM + split.pathM + split.strikeM + split.windM;
    expect(parts).toBeCloseTo(split.totalM, 6);
    show(<SplitPanel {...propsOf(made)} />);
    const rows = screen.getAllByRole('listitem').map((row) => row.textContent);
    expect(rows.map((text) => /^[A-Z][a-z]+/.exec(text ?? '')?.[0])).toEqual([
      'Face',
      'Path',
      'Strike',
      'Wind',
    ]);
    // An open face sends a right-hander's ball right.
    expect(rows[0]).toMatch(/right$/);
  });
});

describe('the bag', () => {
  it('flies one delivery with every club, and says which is worth hitting', () => {
    show(<BagPanel {...propsOf(state('h=right&c=driver&f=4&p=-2'))} />);
    const rows = screen.getAllByRole('row').slice(1);
    expect(rows.length).toBeGreaterThan(5);
    expect(rows.length).toBeLessThanOrEqual(STANDARD_BAG.length);
    const worth = /the longest club worth hitting is the (.+?)[:.]/.exec(
      document.body.textContent ?? '',
    )![1]!;
    const marked = rows.filter((row) => row.className.includes('font-semibold'));
    expect(marked).toHaveLength(1);
    expect(marked[0]!.textContent?.toLowerCase()).toContain(worth);
  });

  it('takes the longest club where missing costs nothing', () => {
    show(<BagPanel {...propsOf(state('h=right&c=driver&f=4&p=-2'))} />);
    fireEvent.change(screen.getByRole('textbox'), { target: { value: '0' } });
    expect(document.body).toHaveTextContent('the longest club worth hitting is the driver.');
  });
});

describe('the schools', () => {
  it('differ in the start they give, each with where it comes from', () => {
    show(<SchoolsPanel {...propsOf(state('h=right&c=7-iron&f=0&p=-6'))} />);
    const rows = screen.getAllByRole('listitem');
    expect(rows).toHaveLength(4);
    const all = rows.map((row) => row.textContent).join(' ');
    expect(all).toContain('contradicted by measurement');
    expect(all).toContain('common practice');
    // The face alone: straight at the target. The path alone: six degrees left.
    expect(rows.some((row) => /6\.0° L/.test(row.textContent ?? ''))).toBe(true);
  });
});

describe('a lane', () => {
  const type = (label: RegExp, value: string) =>
    fireEvent.change(screen.getByRole('textbox', { name: label }), { target: { value } });

  it('says the face and path a start and a finish ask for', () => {
    show(<LanePanel {...propsOf(state('h=right&c=7-iron'))} />);
    type(/^Start mark/, '2');
    type(/^Finish/, '0');
    // A draw back to the target: face between target and path, both to the right.
    const text = document.body.textContent ?? '';
    const [, face, path] = /Face ([\d.]+)° open, path ([\d.]+)° in-to-out/.exec(text)!;
    expect(Number(face)).toBeGreaterThan(0);
    expect(Number(path)).toBeGreaterThan(Number(face));
    expect(text).toMatch(/Beside the straight ball it flies [\d.]+ m lower/);
  });

  it('says so where no face and path give that ball', () => {
    show(<LanePanel {...propsOf(state('h=right&c=sand-wedge'))} />);
    type(/^Start mark/, '8');
    type(/^Finish/, '-40');
    expect(screen.getByText(/^▲ No face and path of a .* give that ball\.$/)).toBeInTheDocument();
  });

  it('goes to the work of the lesson the Workshop was opened from, as the wanted flight', () => {
    const lesson = lessonOf([]);
    const made = { ...state('h=right&c=7-iron'), lessonId: 'lesson' };
    showLesson(lesson, () => <LanePanel {...propsOf(made)} />);
    fireEvent.click(screen.getByRole('button', { name: /^Take it to the work of Ada Reed/ }));
    expect(lastPart('setup')).toMatchObject({ wanted: { shape: 'draw' } });
  });

  it('goes nowhere without one', () => {
    show(<LanePanel {...propsOf(state('h=right&c=7-iron'))} />);
    expect(screen.queryByRole('button', { name: /^Take it/ })).toBeNull();
    expect(within(document.body).getByText(/of face moves the landing/)).toBeInTheDocument();
  });
});
