import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import type { Bay, Lesson } from '../../../../api/client.ts';
import { useLive } from '../../../../sync/live.ts';
import { bayWith } from '../../../../testing/bay.ts';
import { lessonOf, stepOf } from '../../../../testing/lesson.ts';
import { pending, showLesson } from '../../../../testing/render.tsx';
import { answering, piecesOf } from '../../../../testing/server.ts';
import { useLessonScreen } from '../../lesson-store.ts';
import { WatchStep } from '../WatchStep.tsx';
import { LastLine } from './LastLine.tsx';

jest.mock('comlink', () => ({ expose: () => undefined }));

const SLICE = { pathDeg: -6, faceDeg: 0, block: 'baseline' } as const;
function open(bays: readonly Bay[], lesson: Lesson = lessonOf([SLICE]), isRead = true): void {
  useLessonScreen.getState().reset();
  showLesson(lesson, (live) => <WatchStep {...stepOf(live, isRead ? undefined : null)} />, {
    bays,
  });
}
const bays = () => within(screen.getByRole('region', { name: 'Bays' }));
const hit = () => within(screen.getByRole('region', { name: 'The ball just hit' }));
const HERE = bayWith({ lessonId: 'lesson', playerName: 'Ada' });

beforeEach(() => useLive.setState({ line: 'open', ballId: null }));

describe('a bay in Watch', () => {
  it('is pointed at the lesson by one tap', () => {
    open([bayWith()]);
    expect(bays().getByText(/they go to no lesson\. Its monitor is there\./)).toBeInTheDocument();
    fireEvent.click(bays().getByRole('button', { name: 'Send its balls here' }));
    expect(pending()).toMatchObject([
      { name: 'bay.set', id: 'bay', fields: { lessonId: 'lesson', isOn: true } },
    ]);
    expect(bays().getByText(/Its balls come here/)).toBeInTheDocument();
  });

  it('is held and goes on by one button', () => {
    open([HERE]);
    fireEvent.click(bays().getByRole('button', { name: 'Hold it' }));
    expect(bays().getByText(/^Held: its balls wait/)).toBeInTheDocument();
    fireEvent.click(bays().getByRole('button', { name: 'Go on' }));
    expect(pending().map(({ fields }) => fields)).toEqual([{ isOn: false }, { isOn: true }]);
  });

  it('says whose balls they are, and whether its monitor is there', () => {
    open([
      bayWith({ lessonId: 'other', playerName: 'Ida', isHeard: false }),
      bayWith({ id: 'new', name: 'Bay 2', heardAt: null, isHeard: false }),
      bayWith({ id: 'bare', name: 'Bay 3', tokenAt: null, heardAt: null, isHeard: false }),
    ]);
    expect(bays().getByText(/go to Ida\. Its monitor is silent since \d\d:\d\d\./)).toBeVisible();
    expect(bays().getByText(/has not been heard yet/)).toBeVisible();
    expect(bays().getByText(/make its token in Settings/)).toBeVisible();
  });

  it('says that the line is broken, and that nothing is lost', () => {
    useLive.setState({ line: 'lost' });
    open([HERE]);
    expect(bays().getByRole('status')).toHaveTextContent(/line is broken.*kept at the server/);
  });

  it('gives what waits in it to the lesson', async () => {
    const lesson = lessonOf([SLICE]);
    open([bayWith({ waiting: 3 })], lesson);
    const asked = answering({
      'POST /api/bays/bay/waiting': { taken: 3, left: 0 },
      'GET /api/bays': [],
      ...piecesOf(lesson),
    });
    expect(bays().getByText('3 balls wait in it.')).toBeVisible();
    fireEvent.click(bays().getByRole('button', { name: 'Bring them in here' }));
    await waitFor(() =>
      expect(asked.find(({ method }) => method === 'POST')!.body).toEqual({ lessonId: 'lesson' }),
    );
  });

  it('throws what waits away only when that is said twice', async () => {
    open([bayWith({ waiting: 3 })]);
    const asked = answering({
      'POST /api/bays/bay/waiting': { taken: 0, left: 3 },
      'GET /api/bays': [],
    });
    fireEvent.click(bays().getByRole('button', { name: 'Throw them away' }));
    const dialog = within(screen.getByRole('alertdialog'));
    expect(dialog.getByText(/^3 balls are in no lesson yet, and do not come back/)).toBeVisible();
    expect(asked.filter(({ method }) => method === 'POST')).toEqual([]);
    fireEvent.click(dialog.getByRole('button', { name: 'Throw them away' }));
    await waitFor(() =>
      expect(asked.find(({ method }) => method === 'POST')!.body).toEqual({ lessonId: null }),
    );
  });

  it('asks once what its first balls contradict', () => {
    const turned = {
      columns: [{ header: 'Club path (deg)', meaning: 'clubPathDeg', turned: true }],
    };
    const doubt = {
      kind: 'physics',
      text: 'The signs of “Club path (deg)” contradict the other columns.',
      headers: ['Club path (deg)'],
      choices: [{ label: 'Turn the sign', says: turned, isLikely: true }],
    } as Bay['doubts'][number];
    open([{ ...HERE, doubts: [doubt] }]);
    expect(bays().getByText(/contradict the other columns/)).toBeVisible();
    fireEvent.click(bays().getByRole('button', { name: 'Turn the sign' }));
    expect(pending()).toMatchObject([{ name: 'bay.set', id: 'bay', fields: { answers: turned } }]);
  });

  it('leads to Settings where there is none', () => {
    open([]);
    expect(screen.getByRole('link', { name: 'Settings' })).toHaveAttribute(
      'href',
      '/settings#bays',
    );
  });
});

it('stands in one line in the other steps, and can be left out there', () => {
  showLesson(lessonOf([{ pathDeg: 8, faceDeg: 8, block: 'baseline' }]), (lesson) => (
    <LastLine {...stepOf(lesson)} />
  ));
  expect(hit().getByRole('status')).toHaveTextContent(
    /^Ball 8: Starts \d+° right and .*\. Off plan\. 8 balls: start /,
  );
  fireEvent.click(hit().getByRole('button', { name: 'Leave it out' }));
  expect(pending()).toMatchObject([{ name: 'ball.set', id: 'ball-8', fields: { keep: 'out' } }]);
  expect(hit().getByRole('status')).not.toHaveTextContent(/plan/);
});

describe('the ball just hit', () => {
  it('is told large, with its block so far and whether it is on plan', () => {
    open([HERE], lessonOf([{ pathDeg: 8, faceDeg: 8, block: 'baseline' }]));
    expect(hit().getByText(/^Ball 8/)).toBeVisible();
    expect(hit().getByRole('status')).toHaveTextContent(
      /^Starts \d+° right and (bends \d+ m (left|right)|does not bend)\.$/,
    );
    expect(hit().getByText('Off plan')).toBeVisible();
    expect(hit().getByText(/^8 balls: start .* on average\.$/)).toBeVisible();
    expect(screen.getByRole('img', { name: /^Flight of ball 8 from above/ })).toBeVisible();
  });

  it('is left out by X, and kept in again', () => {
    open([HERE]);
    fireEvent.keyDown(document.body, { key: 'x' });
    expect(pending()).toMatchObject([{ name: 'ball.set', id: 'ball-8', fields: { keep: 'out' } }]);
    expect(hit().getByRole('button', { name: /^Keep it in/ })).toBeVisible();
    expect(hit().queryByText(/on plan$/i)).toBeNull();
  });

  it('bears a note, and never counts where it was only shown', () => {
    open([HERE]);
    const note = hit().getByLabelText('Note on ball 8');
    fireEvent.change(note, { target: { value: 'grip moved' } });
    fireEvent.blur(note);
    fireEvent.click(hit().getByRole('button', { name: 'Only shown' }));
    expect(pending()).toMatchObject([
      { name: 'ball.set', id: 'ball-8', fields: { note: 'grip moved' } },
      { name: 'ball.set', id: 'ball-8', fields: { keep: 'shown' } },
    ]);
    expect(hit().getByText(/, shown$/)).toBeVisible();
    fireEvent.click(hit().getByRole('button', { name: 'It was hit' }));
    expect(pending().at(-1)).toMatchObject({ fields: { keep: 'auto' } });
  });

  it('is given another club and another block', () => {
    const drill = { pathDeg: -2, faceDeg: 0, block: 'drill', drillId: 'rails' } as const;
    open([HERE], lessonOf([SLICE, drill]));
    fireEvent.change(hit().getByLabelText('Club'), { target: { value: 'driver' } });
    fireEvent.change(hit().getByLabelText('Hit in'), { target: { value: 'block-0' } });
    expect(pending().map(({ id, fields }) => [id, fields])).toEqual([
      ['ball-16', { club: 'driver' }],
      ['ball-16', { blockId: 'block-0' }],
    ]);
  });

  it('of a left-hander is told by the hand', () => {
    open([HERE], lessonOf([{ pathDeg: 6, faceDeg: 0 }], { hand: 'left' }));
    expect(hit().getByRole('status')).toHaveTextContent(/bends \d+ m left\.$/);
  });

  it('is waited for, and read', () => {
    open([HERE], lessonOf([]));
    expect(screen.getByText('Waiting for the first ball of the bay.')).toBeVisible();
  });

  it('gives the screen back to the eye where no bay sends here', () => {
    open([bayWith()]);
    expect(screen.queryByRole('region', { name: 'The ball just hit' })).toBeNull();
  });
});
