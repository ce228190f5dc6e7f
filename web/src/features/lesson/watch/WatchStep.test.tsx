import 'fake-indexeddb/auto';
import { IDBFactory } from 'fake-indexeddb';
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import type { IntakeResult, LaunchFile, Lesson } from '../../../api/client.ts';
import { useArrivals } from '../../../sync/arrivals.ts';
import { closeLogDb } from '../../../sync/log-db.ts';
import { useLog } from '../../../sync/log.ts';
import { wire } from '../../../sync/send.ts';
import { Sender } from '../../../sync/sender.ts';
import { lessonOf, stepOf } from '../../../testing/lesson.ts';
import { pending, showLesson } from '../../../testing/render.tsx';
import { answering, piecesOf } from '../../../testing/server.ts';
import type { Asked } from '../../../testing/server.ts';
import { WatchStep } from './WatchStep.tsx';

jest.mock('./mapping/use-preview.ts', () => jest.requireActual('../../../testing/preview.ts'));
jest.mock('comlink', () => ({ expose: () => undefined }));

const UPLOAD = 'POST /api/lessons/lesson/files';
const row = (line: number, fate: string, reason = '') => ({ line, fate, reason });
const result = (change: Partial<IntakeResult>): IntakeResult =>
  ({
    outcome: 'added',
    message: '8 balls added.',
    file: null,
    rows: { rows: [], count: 0, refused: 0, fates: [] },
    questions: [],
    columns: [],
    parts: [],
    notes: [],
    changed: [],
    answers: {},
    ...change,
  }) as unknown as IntakeResult;

/** What is asked of a carry without its unit. */
const WHICH_UNIT = {
  kind: 'unit',
  text: 'Which unit is “Carry” in?',
  headers: ['Carry'],
  choices: ['yd', 'm'].map((unit) => ({
    label: unit === 'yd' ? 'yards' : 'metres',
    says: { columns: [{ header: 'Carry', meaning: 'carryM', unit }] },
    isLikely: false,
  })),
};

function open(
  answer: object,
  change: Partial<Lesson> = {},
  more: Parameters<typeof answering>[0] = {},
): readonly Asked[] {
  const lesson = { ...lessonOf([{ pathDeg: 0, faceDeg: 0 }]), ...change };
  showLesson(lesson, (live) => <WatchStep {...stepOf(live, null)} />);
  return answering(Object.assign(more, { [UPLOAD]: answer, ...piecesOf(lesson) }));
}
const choose = (name: string): void => {
  const file = new File(['Club,Carry'], name, { type: 'text/csv' });
  fireEvent.change(screen.getByLabelText('Launch file'), { target: { files: [file] } });
};

let stop = (): void => undefined;
beforeEach(async () => {
  await closeLogDb();
  globalThis.indexedDB = new IDBFactory();
  useLog.setState({ entries: [], isKept: true });
  useArrivals.setState({ lesson: undefined });
  stop = useLog.subscribe(new Sender(wire).kick);
});
afterEach(async () => {
  stop();
  // What the last test sent is let go of: its sender would take up the next test’s file.
  await new Promise((resolve) => setTimeout(resolve, 50));
});

describe('Watch', () => {
  it('takes a file, says what became of it, and leads on to the reading', async () => {
    const asked = open(result({}));
    choose('range.csv');
    expect(await screen.findByText('8 balls added.')).toBeInTheDocument();
    expect(screen.getByRole('link', { name: 'Read the balls' })).toHaveAttribute(
      'href',
      '/lessons/lesson/read',
    );
    expect(asked.some(({ method }) => method === 'POST')).toBe(true);
  });

  it('names the rows that were refused, each with its reason', async () => {
    const rows = [row(3, 'rejected', 'carry: “far” is not a number'), row(2, 'ball')];
    const page = { rows, count: 2, refused: 1 } as unknown as IntakeResult['rows'];
    open(result({ message: '1 ball added, 1 row refused.', rows: page }));
    choose('range.csv');
    const fates = within(await screen.findByRole('list', { name: 'Rows of the file' }));
    expect(fates.getAllByRole('listitem')[0]).toHaveTextContent(
      'line 3▲ refused · carry: “far” is not a number',
    );
  });

  it('asks what the file leaves open, and sends the same file again with the answer', async () => {
    let count = 0;
    const asked = open(() => {
      count += 1;
      return count === 1
        ? result({
            outcome: 'questions',
            questions: [WHICH_UNIT],
          } as unknown as Partial<IntakeResult>)
        : result({});
    });
    choose('signs.csv');
    expect(await screen.findByText('“signs.csv” leaves something open')).toBeInTheDocument();
    fireEvent.click(screen.getByRole('radio', { name: 'yards' }));
    const bring = screen.getByRole('button', { name: 'Bring the file in' });
    await waitFor(() => expect(bring).toBeEnabled());
    fireEvent.click(bring);
    expect(await screen.findByText('8 balls added.')).toBeInTheDocument();
    const sent = asked.filter(({ method }) => method === 'POST').map(({ body }) => body);
    expect(sent).toEqual([
      { file: 'Club,Carry' },
      {
        file: 'Club,Carry',
        answers: '{"columns":[{"header":"Carry","meaning":"carryM","unit":"yd"}]}',
      },
    ]);
  });

  it('keeps a file until it can be sent', async () => {
    stop();
    open(result({}));
    choose('range.csv');
    expect(await screen.findByText(/range.csv/)).toBeInTheDocument();
    await waitFor(() => expect(useLog.getState().entries).toHaveLength(1));
    const sender = new Sender(wire);
    stop = useLog.subscribe(sender.kick);
    sender.kick();
    expect(await screen.findByText('8 balls added.')).toBeInTheDocument();
    expect(useLog.getState().entries).toEqual([]);
  });

  it('says how far a long file is, and stops it', async () => {
    let end: (answer: object) => void = () => undefined;
    const ends = new Promise<object>((resolve) => (end = resolve));
    const message = '“long.csv” was stopped: nothing of it is added.';
    const ways: Record<string, object> = {};
    open(() => ends, {}, ways);
    choose('long.csv');
    await waitFor(() => expect(useLog.getState().entries).toHaveLength(1));
    const way = `/api/files-under-way/${useLog.getState().entries[0]!.id}`;
    ways[`GET ${way}`] = { stage: 'storing', share: 0.42, canStop: true };
    ways[`DELETE ${way}`] = () => {
      end(result({ outcome: 'stopped', message }));
      return { status: 204 };
    };
    expect(await screen.findByText(/42 % of its balls/, {}, { timeout: 5000 })).toBeVisible();
    fireEvent.click(screen.getByRole('button', { name: 'Stop' }));
    expect(await screen.findByText(message)).toBeInTheDocument();
    expect(useLog.getState().entries).toEqual([]);
  });

  it('leaves a file out that asks too much', async () => {
    const questions = [WHICH_UNIT];
    open(result({ outcome: 'questions', questions } as unknown as Partial<IntakeResult>));
    choose('signs.csv');
    fireEvent.click(await screen.findByRole('button', { name: 'Leave the file out' }));
    await waitFor(() => expect(useLog.getState().entries).toEqual([]));
    expect(screen.queryByText('“signs.csv” leaves something open')).toBeNull();
  });

  it('takes several files at once, and says what became of each', async () => {
    let count = 0;
    open(() => result({ message: `${++count} of two` }));
    const files = ['a.csv', 'b.csv'].map((name) => new File(['Club,Carry'], name));
    fireEvent.change(screen.getByLabelText('Launch file'), { target: { files } });
    expect(await screen.findByText('1 of two')).toBeInTheDocument();
    expect(await screen.findByText('2 of two')).toBeInTheDocument();
    expect(screen.getAllByRole('link', { name: 'Read the balls' })).toHaveLength(1);
  });

  it('says in words why a file was not taken', async () => {
    open({ status: 400, message: 'There is nothing in this file.' });
    choose('empty.csv');
    expect(await screen.findByText('“empty.csv” was not taken.')).toBeInTheDocument();
    expect(screen.getByText('There is nothing in this file.')).toBeInTheDocument();
    fireEvent.click(screen.getByRole('button', { name: 'Let it go' }));
    await waitFor(() => expect(screen.queryByText('“empty.csv” was not taken.')).toBeNull());
  });

  it('takes rows pasted from a sheet as a file', async () => {
    const asked = open(result({}));
    fireEvent.click(screen.getByRole('button', { name: 'Paste rows' }));
    const take = screen.getByRole('button', { name: 'Bring them in' });
    expect(take).toBeDisabled();
    fireEvent.change(screen.getByLabelText('Rows'), { target: { value: 'Club\tCarry\n7i\t140' } });
    fireEvent.click(take);
    await waitFor(() => expect(asked.some(({ method }) => method === 'POST')).toBe(true));
    expect(screen.queryByLabelText('Rows')).toBeNull();
  });

  it('lists the files of the lesson, each to be had again or taken back', async () => {
    const file = { id: 'f', name: 'range.csv', ballCount: 1, refusedCount: 0 } as LaunchFile;
    const lesson = { ...lessonOf([{ pathDeg: 0, faceDeg: 0 }]), files: [file] };
    showLesson(lesson, (live) => <WatchStep {...stepOf(live, null)} />);
    const asked = answering({ 'POST /api/changes': { answers: [] }, ...piecesOf(lesson) });
    const files = within(screen.getByRole('region', { name: 'Files in this lesson' }));
    expect(files.getByRole('link', { name: 'range.csv' })).toHaveAttribute('href', '/api/files/f');
    expect(files.getByText('1 ball')).toBeInTheDocument();
    fireEvent.click(files.getByRole('button', { name: 'Take back' }));
    await waitFor(() => expect(asked.map(({ path }) => path)).toContain('/api/changes'));
    expect(pending()).toMatchObject([{ name: 'file.remove', id: 'f' }]);
  });
});
