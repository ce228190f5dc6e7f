import { findClub, headOf, parseLaunchFile, simulateShot } from '@loxos/core';
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import type { IntakeAnswers } from '../../../../api/client.ts';
import { playerWith } from '../../../../testing/player.ts';
import { show } from '../../../../testing/render.tsx';
import { Mapping } from './Mapping.tsx';
import type { Elsewhere } from './Mapping.tsx';
import { momentOf } from './give-elsewhere.ts';

jest.mock('./use-preview.ts', () => jest.requireActual('../../../../testing/preview.ts'));
jest.mock('comlink', () => ({ expose: () => undefined }));

interface Sent {
  readonly answers: IntakeAnswers;
  readonly elsewhere: readonly Elsewhere[];
}

/** Opens a file's mapping as it would be asked about, and gives what is sent. */
function open(text: string, { hand = 'right', before = {} } = {}): Sent[] {
  const sent: Sent[] = [];
  const player = playerWith({ hand: hand as 'right' });
  const players = [player, playerWith({ id: 'ben', name: 'Ben Stone' })];
  const { questions } = parseLaunchFile(text, { hand: player.hand, player: player.name });
  const bytes = new TextEncoder().encode(text).buffer;
  show(
    <Mapping
      title="“range.csv” leaves something open"
      bytes={bytes}
      player={player}
      before={before}
      questions={questions}
      sendWords="Bring the file in"
      leaveWords="Leave the file out"
      onAnswer={(answers, elsewhere) => sent.push({ answers, elsewhere })}
      onLeave={() => undefined}
    />,
    { players },
  );
  return sent;
}
const bring = () => screen.getByRole('button', { name: 'Bring the file in' });
/** Waits for a cell that is read as something. */
const reads = (pattern: RegExp) =>
  waitFor(() =>
    expect(screen.getAllByRole('listitem').map(({ textContent }) => textContent)).toContainEqual(
      expect.stringMatching(pattern),
    ),
  );
const ready = () => waitFor(() => expect(bring()).toBeEnabled());

describe('a file that leaves something open', () => {
  it('is not brought in before it is answered; answered, its rows are shown as they will be read', async () => {
    const sent = open('Club,Face,Carry\n7i,1.5,140\n7i,-2,142\n');
    await reads(/^140 → in which unit/);
    expect(bring()).toBeDisabled();
    expect(screen.getByText('▲ One thing is still open.')).toBeInTheDocument();
    fireEvent.click(screen.getByRole('radio', { name: 'yards' }));
    await ready();
    await reads(/^140 → 128/);
    expect(screen.getByText('2 balls will be read.')).toBeInTheDocument();
    fireEvent.change(screen.getByLabelText(/^Call this source/), { target: { value: ' Studio ' } });
    fireEvent.click(bring());
    expect(sent).toEqual([
      {
        answers: { name: 'Studio', columns: [{ header: 'Carry', meaning: 'carryM', unit: 'yd' }] },
        elsewhere: [],
      },
    ]);
  });

  it('has what is most likely chosen already, and can be answered otherwise', async () => {
    const rows = Array.from({ length: 9 }, (_, i) => {
      const [face, path] = [(i % 4) - 1.5, (i % 3) * 2 - 3];
      return `7i,${face},${path},${face + path}`;
    });
    open(`Club,Face,Path,Face to Path\n${rows.join('\n')}\n`);
    const turn = await screen.findByRole('radio', { name: /Turn the sign of “Path”/ });
    expect(turn).toBeChecked();
    await ready();
    fireEvent.click(screen.getByRole('radio', { name: /right as the file has them/ }));
    await waitFor(() => expect(bring()).toBeDisabled());
  });

  it('lets each column be said anew: what it holds, its unit, what plus is', async () => {
    const sent = open('Club,Face,Way\n7i,1.5,-3\n', { before: {} });
    await ready();
    fireEvent.change(screen.getByLabelText('What “Way” holds'), {
      target: { value: 'clubPathDeg' },
    });
    fireEvent.change(await screen.findByLabelText('Plus in “Way” is'), {
      target: { value: 'left' },
    });
    await reads(/^-3 → 3.* R/);
    await ready();
    fireEvent.click(bring());
    expect(sent[0]!.answers.columns).toMatchObject([
      { header: 'Way', meaning: 'clubPathDeg', unit: null, plus: 'left' },
    ]);
  });

  it('asks a left-hander’s coach what plus means', async () => {
    const sent = open('Club,Face,Path\n7i,1.5,-3\n', { hand: 'left' });
    fireEvent.click(await screen.findByRole('radio', { name: 'Everything turns with the hand' }));
    await ready();
    fireEvent.click(bring());
    expect(sent[0]!.answers.signs).toBe('hand-all');
  });
});

describe('a file of several players', () => {
  const TEXT = 'Player,Club,Face,Path\nAda Reed,7i,1,-3\nBen Stone,7i,2,-2\nCy Moss,7i,3,1\n';
  const place = (name: string, to: string) =>
    fireEvent.change(screen.getByLabelText(`Where the balls of ${name} go`), {
      target: { value: to },
    });

  it('is brought in once each part has its place', async () => {
    const sent = open(TEXT);
    await screen.findByLabelText('Where the balls of Ada Reed go');
    await screen.findAllByText('A new lesson of Ben Stone');
    place('Ada Reed', 'here');
    place('Ben Stone', 'ben');
    expect(bring()).toBeDisabled();
    place('Cy Moss', 'out');
    await ready();
    expect(screen.getByText(/1 ball will be read/)).toBeInTheDocument();
    fireEvent.click(bring());
    expect(sent[0]!.answers.parts).toHaveLength(1);
    expect(sent[0]!.elsewhere).toMatchObject([{ place: 'ben', part: { player: 'Ben Stone' } }]);
  });

  it('says of each column whether the others agree, contradict it, or cannot tell', async () => {
    const head = headOf(findClub('7-iron')!);
    const rows = Array.from({ length: 8 }, (_, i) => {
      const delivery = {
        ...{ hand: 'right' as const, clubSpeedMps: 36, attackAngleDeg: -4, dynamicLoftDeg: 23 },
        ...{ clubPathDeg: 3 - i, faceAngleDeg: (i % 3) - 2, strikeToeMm: 0, strikeHighMm: 0 },
      };
      const { launch } = simulateShot(delivery, head);
      // The path with its sign the other way round.
      return `7 Iron,${i - 3},${delivery.faceAngleDeg},${launch.startDirectionDeg},${launch.spinAxisTiltDeg},140`;
    });
    open(`Club,Club path,Face angle,Start direction,Spin axis,Carry (m)\n${rows.join('\n')}`);
    const row = async (name: RegExp) =>
      (await screen.findAllByRole('listitem')).find(({ textContent }) => name.test(textContent))!;
    await ready();
    // The likely answer is given already: turned, it agrees.
    expect(await row(/^Club path/)).toHaveTextContent('signs are turned. The other columns agree.');
    expect(await row(/^Face angle/)).toHaveTextContent('The other columns agree.');
    expect(await row(/^Carry/)).not.toHaveTextContent('The other columns');
    fireEvent.click(screen.getByRole('radio', { name: /as the file has them/ }));
    await screen.findByText(/▲ The other columns contradict it/);
    expect(await row(/^Club path/)).toHaveTextContent('▲ The other columns contradict it.');
    // Asked again it is open again, with no answer chosen.
    const again = within(await row(/^Club path/)).getByRole('button', { name: 'Ask again' });
    fireEvent.click(again);
    await screen.findByText('▲ One thing is still open.');
    for (const answer of screen.getAllByRole('radio')) expect(answer).not.toBeChecked();
  });

  it('says of no column that the others agree while it is asked what its signs mean', async () => {
    const rows = [-2, -1, 0, 1, 2, 3].map((face, i) => `7i,${face},${(i % 3) - 1},${face * 0.8}`);
    open(`Club,Face,Path,Start direction\n${rows.join('\n')}\n`, { hand: 'left' });
    await reads(/^Face/);
    expect(screen.queryByText(/The other columns agree/)).toBeNull();
    fireEvent.click(screen.getByRole('radio', { name: /^Plus is right of the target/ }));
    await screen.findAllByText(/The other columns agree/);
  });

  it('a club that was said otherwise is asked about again', async () => {
    const drives = Array.from({ length: 8 }, (_, i) => `9 Iron,${50 + i / 10},73,12.${i},2600,1,2`);
    const text = `Club,Club speed (m/s),Ball speed (m/s),Launch angle,Spin rate,Face angle,Club path\n${drives.join('\n')}`;
    const sent = open(text);
    fireEvent.click(await screen.findByRole('radio', { name: /^Driver/ }));
    await ready();
    expect(screen.getByText(/“9 Iron” is read as the driver/)).toBeInTheDocument();
    fireEvent.click(screen.getAllByRole('button', { name: 'Ask again' }).at(-1)!);
    await waitFor(() => expect(bring()).toBeDisabled());
    fireEvent.click(screen.getByRole('radio', { name: '9 iron, as the file says' }));
    await ready();
    fireEvent.click(bring());
    expect(sent[0]!.answers.clubs).toEqual([{ text: '9 Iron', club: '9-iron' }]);
  });

  it('a part’s new lesson is on its own day where the file says it plainly', () => {
    const now = new Date('2026-11-26T09:00:00Z');
    expect(momentOf('2026-11-02', now).slice(0, 10)).toBe('2026-11-02');
    expect(momentOf('2026-11-02T10:05:00+02:00', now)).toBe('2026-11-02T08:05:00.000Z');
    expect(momentOf('2026-11-02T10:05:00', now)).toBe(new Date(2026, 10, 2, 10, 5).toISOString());
    expect(momentOf(null, now)).toBe(now.toISOString());
  });
});
