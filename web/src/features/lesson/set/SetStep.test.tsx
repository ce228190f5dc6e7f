import { fireEvent, screen, within } from '@testing-library/react';
import type { Given, Lesson } from '../../../api/client.ts';
import { lessonOf, stepOf } from '../../../testing/lesson.ts';
import { lastPart, pending, showLesson } from '../../../testing/render.tsx';
import { SetStep } from './SetStep.tsx';

function open(change: Partial<Lesson> = {}, givenTo: readonly Given[] = []): void {
  const lesson = { ...lessonOf([{ pathDeg: 0, faceDeg: 0 }]), ...change };
  const before = { ...lessonOf([]), id: 'before', startsAt: '2026-02-18T09:00:00.000Z' };
  showLesson(lesson, (live) => <SetStep {...stepOf(live)} />, {
    lessons: [before],
    givenTo,
  });
}
const given: Given = {
  lessonId: 'before',
  lessonAt: '2026-02-18T09:00:00.000Z',
  points: ['Swing the club more from the inside.'],
  nextLook: '2026-03-04',
  homeworkDone: 3,
  homeworkDue: 4,
  isHomeworkStopped: false,
  lastWord: null,
};

describe('Set', () => {
  it('starts at what was given last time, and how the homework went', () => {
    open({ previousLessonId: 'before' }, [given]);
    const since = screen.getByRole('region', { name: 'Since last time' });
    expect(since).toHaveTextContent('Swing the club more from the inside.');
    expect(since).toHaveTextContent('14 days ago. 3 of 4 homework days done.');
    expect(within(since).getByRole('link', { name: 'Open that lesson' })).toHaveAttribute(
      'href',
      '/lessons/before/read',
    );
  });

  it('says nothing of last time to somebody who is here first', () => {
    open();
    expect(screen.queryByRole('region', { name: 'Since last time' })).toBeNull();
  });

  it('puts down what is looked at, and leaves the rest open', () => {
    open();
    const feet = within(screen.getByRole('group', { name: 'Feet line' }));
    fireEvent.click(feet.getByRole('button', { name: 'Feet line: more' }));
    fireEvent.click(feet.getByRole('button', { name: 'Feet line: more' }));
    expect(lastPart('setup')).toEqual({ feetDeg: 1 });
    expect(feet.getByText('1° R')).toBeInTheDocument();
    fireEvent.click(feet.getByRole('button', { name: 'Feet line: not looked at' }));
    expect(lastPart('setup')).toEqual({});
  });

  it('says what Read was answered with, and a figure takes its place', () => {
    const part = { version: 1, updatedAt: '', updatedBy: '' };
    const value = { observations: { 'feet-line': 1, chest: 1 } };
    open({ parts: [{ part: 'causes', value, ...part }] });
    const feet = within(screen.getByRole('group', { name: 'Feet line' }));
    expect(feet.getByRole('status')).toHaveTextContent('open');
    fireEvent.click(feet.getByRole('button', { name: 'Feet line: more' }));
    expect(lastPart('setup')).toEqual({ feetDeg: 0 });
    // The one word goes; the others are not written again.
    expect(lastPart('causes')).toEqual({ observations: {} });
    expect(pending().at(-1)?.name).toBe('part.set');
    expect(feet.getByRole('status')).toHaveTextContent('0°');
  });

  it('takes back a word that Read was answered with', () => {
    const part = { version: 1, updatedAt: '', updatedBy: '' };
    open({ parts: [{ part: 'causes', value: { observations: { 'feet-line': 1 } }, ...part }] });
    const feet = within(screen.getByRole('group', { name: 'Feet line' }));
    fireEvent.click(feet.getByRole('button', { name: 'Feet line: not looked at' }));
    expect(lastPart('causes')).toEqual({ observations: {} });
    expect(feet.getByRole('status')).toHaveTextContent('not looked at');
  });

  it('says the body’s aim as Read was answered, takes another answer, and takes it back', () => {
    const part = { version: 1, updatedAt: '', updatedBy: '' };
    open({ parts: [{ part: 'causes', value: { observations: { aim: -1 } }, ...part }] });
    const aim = within(screen.getByRole('group', { name: /^Body aim/ }));
    expect(aim.getByLabelText('open to the target')).toBeChecked();
    fireEvent.click(aim.getByLabelText('at the target'));
    expect(lastPart('causes')).toEqual({ observations: { aim: 0 } });
    fireEvent.click(aim.getByLabelText('Not looked at'));
    expect(aim.getByLabelText('Not looked at')).toBeChecked();
  });

  it('says the aim that the lines of the body give, in words', () => {
    const part = { version: 1, updatedAt: '', updatedBy: '' };
    const value = { feetDeg: -6, shoulderDeg: -7 };
    open({ parts: [{ part: 'setup', value, ...part }] });
    expect(screen.queryByRole('group', { name: /^Body aim/ })).toBeNull();
    expect(screen.getByText(/open to the target, as the lines lie/)).toBeInTheDocument();
  });

  it('keeps the target as it is typed', () => {
    open();
    const target = screen.getByLabelText(/^Target/);
    fireEvent.change(target, { target: { value: 'the left bunker' } });
    fireEvent.blur(target);
    expect(lastPart('setup')).toMatchObject({ target: 'the left bunker' });
  });

  it('takes another wanted flight for today', () => {
    open();
    fireEvent.click(screen.getByLabelText('draw'));
    expect(lastPart('setup')).toMatchObject({ wanted: { shape: 'draw' } });
  });
});
