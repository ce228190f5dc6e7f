import { fireEvent, screen, within } from '@testing-library/react';
import type { IntakeResult } from '../api/client.ts';
import { useLog } from '../sync/log.ts';
import type { Entry } from '../sync/entry.ts';
import { partStep } from '../sync/step.ts';
import { show } from '../testing/render.tsx';
import { Connection } from './Connection.tsx';

const entry = (id: string, change: Partial<Entry>): Entry => ({
  id,
  order: 1,
  at: '2026-05-04T09:00:00.000Z',
  change: {
    steps: [{ ...partStep('l', 'setup', { target: 'oak', feetDeg: 2 }), seen: 1 }],
  },
  refusal: null,
  ...change,
});
function open(entries: readonly Entry[], isKept = true): void {
  useLog.setState({ entries, isKept });
  show(<Connection />);
}
const shelf = () => {
  fireEvent.click(screen.getByRole('button', { name: /not taken/ }));
  return within(screen.getByRole('dialog', { name: 'Changes not taken' }));
};
const clash = {
  reason: 'Somebody else changed target meanwhile.',
  current: { version: 4, target: 'elm' },
};

describe('what is not stored', () => {
  it('is counted, apart from what was not taken', () => {
    open([entry('a', {}), entry('b', { refusal: { reason: 'no', current: null } })]);
    expect(screen.getByRole('status')).toHaveTextContent('1 change not yet stored');
    expect(screen.getByRole('button', { name: '▲ 1 not taken' })).toBeInTheDocument();
  });

  it('says when the browser cannot keep it', () => {
    open([entry('a', {})], false);
    expect(screen.getByRole('status')).toHaveTextContent('keep this page open');
  });
});

describe('the shelf', () => {
  it('says what was refused and why, and lets it be tried again or let go', () => {
    open([entry('a', { refusal: { reason: 'target: too long', current: null } })]);
    const list = shelf();
    expect(list.getByText(/In the set-up: target, feet line/)).toBeInTheDocument();
    expect(list.getByText('▲ target: too long')).toBeInTheDocument();
    fireEvent.click(list.getByRole('button', { name: 'Try again' }));
    expect(useLog.getState().entries).toMatchObject([{ id: 'a', refusal: null }]);
    expect(list.getByText('Nothing is left here.')).toBeInTheDocument();
  });

  it('leads to where a launch file is answered, which trying again would not do', () => {
    const file = { name: 'range.csv', bytes: new ArrayBuffer(0) };
    const asks = { outcome: 'questions', questions: [], columns: [] } as unknown as IntakeResult;
    open([
      entry('a', {
        change: { lessonId: 'l', file, answers: null, isAskedAgain: false },
        refusal: { reason: 'the file leaves something open', current: null, asks },
      }),
    ]);
    const list = shelf();
    expect(list.getByRole('link', { name: 'Answer it' })).toHaveAttribute(
      'href',
      '/lessons/l/watch',
    );
    expect(list.queryByRole('button', { name: 'Try again' })).toBeNull();
    fireEvent.click(list.getByRole('link', { name: 'Answer it' }));
    expect(screen.queryByRole('dialog')).toBeNull();
  });

  it('shows both sides of a conflict, and keeps mine knowing of theirs', () => {
    open([entry('a', { refusal: clash })]);
    const list = shelf();
    expect(list.getByText('“oak”')).toBeInTheDocument();
    expect(list.getByText('“elm”')).toBeInTheDocument();
    expect(list.queryByText('2')).toBeNull();
    fireEvent.click(list.getByRole('button', { name: 'Keep mine' }));
    expect(useLog.getState().entries).toMatchObject([
      { change: { steps: [{ seen: 4 }] }, refusal: null },
    ]);
  });

  it('keeps theirs', () => {
    open([entry('a', { refusal: clash })]);
    fireEvent.click(shelf().getByRole('button', { name: 'Keep theirs' }));
    expect(useLog.getState().entries).toEqual([]);
  });
});
