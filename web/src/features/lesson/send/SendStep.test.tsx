import { fireEvent, screen, within } from '@testing-library/react';
import type { Lesson } from '../../../api/client.ts';
import { lessonOf, stepOf } from '../../../testing/lesson.ts';
import { lastPart, pending, showLesson } from '../../../testing/render.tsx';
import { useLessonScreen } from '../lesson-store.ts';
import { SendStep } from './SendStep.tsx';

jest.mock('../../../ui/RichEditor.tsx', () => ({
  __esModule: true,
  default: () => <p>The editor</p>,
}));

const lesson = (drillIds: readonly string[] = [], send: object | null = null): Lesson => {
  const made = lessonOf([{ pathDeg: -6, faceDeg: -6, block: 'baseline' }]);
  const part = (name: 'work' | 'send', value: Record<string, unknown>) => ({
    part: name,
    value,
    version: 1,
    updatedAt: '',
    updatedBy: '',
  });
  return {
    ...made,
    parts: [
      part('work', { route: null, stage: 0, drillIds, stations: {} }),
      ...(send === null ? [] : [part('send', send as Record<string, unknown>)]),
    ],
  };
};
function open(made: Lesson): void {
  useLessonScreen.getState().reset();
  showLesson(made, (live) => <SendStep {...stepOf(live)} />);
}
const point = (which: 'First' | 'Second') => screen.getByLabelText(`${which} point`);
const preview = () => within(screen.getByRole('region', { name: 'What the player will see' }));

describe('Send', () => {
  it('is made from the plan, with the stations of the drills given', () => {
    open(lesson(['rails']));
    expect(point('First')).toHaveValue('Turn body line and clubface together to the right.');
    expect(preview().getByRole('heading', { name: 'Rails' })).toBeInTheDocument();
    expect(preview().getByRole('img', { name: /^Rails from above/ })).toBeInTheDocument();
    expect(screen.getAllByLabelText(/^Homework \d$/)).toHaveLength(4);
  });

  it('keeps what the coach writes over one point; the rest goes on following the lesson', () => {
    open(lesson());
    fireEvent.change(point('Second'), { target: { value: 'Breathe out.' } });
    fireEvent.blur(point('Second'));
    expect(lastPart('send')).toEqual({ points: [null, 'Breathe out.'] });
    expect(point('First')).toHaveValue('Turn body line and clubface together to the right.');
    expect(preview().getByText('Breathe out.')).toBeInTheDocument();
  });

  it('goes back to what the lesson makes, leaving the coach’s own words', () => {
    const words = { type: 'doc', content: [] };
    open(lesson([], { points: ['Mine.'], homework: [], nextLook: '2026-04-01', words }));
    expect(point('First')).toHaveValue('Mine.');
    expect(preview().getByText('Wednesday 1 April')).toBeInTheDocument();
    fireEvent.click(screen.getByRole('button', { name: 'As the lesson makes it' }));
    expect(lastPart('send')).toEqual({ points: [] });
    expect(screen.queryByRole('button', { name: 'As the lesson makes it' })).toBeNull();
  });

  it('adds a day of homework two after the last, and takes one away', () => {
    open(lesson([], { points: [], homework: [{ date: '2026-03-30', what: 'Ten swings' }] }));
    fireEvent.click(screen.getByRole('button', { name: 'A day' }));
    expect(lastPart('send')).toMatchObject({
      homework: [{ date: '2026-03-30' }, { date: '2026-04-01', what: '' }],
    });
    fireEvent.click(screen.getByRole('button', { name: 'Take homework 1 away' }));
    expect(lastPart('send')).toMatchObject({ homework: [{ date: '2026-04-01' }] });
  });

  it('takes a typed day, and leaves what is no day alone', () => {
    open(lesson());
    const box = screen.getByLabelText('Next look');
    const before = pending().length;
    fireEvent.change(box, { target: { value: 'soon' } });
    expect(screen.getByRole('alert')).toHaveTextContent('Write a day, such as');
    expect(pending()).toHaveLength(before);
    fireEvent.change(box, { target: { value: '3 Apr 2026' } });
    expect(lastPart('send')).toMatchObject({ nextLook: '2026-04-03' });
  });

  it('makes no link of a page that says nothing', () => {
    open(lesson([], { points: ['', ''], homework: [] }));
    expect(screen.getByText(/Write at least one point first/)).toBeInTheDocument();
    expect(screen.getByRole('button', { name: 'Make the link' })).toBeDisabled();
  });
});
