import { fireEvent, screen, waitFor } from '@testing-library/react';
import { addDaysIso } from '@loxos/core';
import { playerWith } from '../../testing/player.ts';
import { show } from '../../testing/render.tsx';
import { answering } from '../../testing/server.ts';
import { today } from '../../ui/academy-time.ts';
import { AgeAndConsent } from './AgeAndConsent.tsx';

const ada = playerWith();
const PATH = `/api/players/${ada.id}/consent`;
const NOTHING = { bornOn: null, isMinor: false, guardian: '', consents: [] };
const born = (yearsAgo: number): string => addDaysIso(today(), -365 * yearsAgo);

function open(noted: object = NOTHING, more: Record<string, object> = {}) {
  const asked = answering({ [`GET ${PATH}`]: noted, [`PUT ${PATH}`]: noted, ...more });
  show(<AgeAndConsent player={ada} />, { isAnswered: true });
  return asked;
}
const write = (label: RegExp, value: string): void =>
  void fireEvent.change(screen.getByLabelText(label), { target: { value } });
const saved = (asked: readonly { method: string; body: unknown }[]) =>
  asked.filter(({ method }) => method === 'PUT').map(({ body }) => body);

it('asks nothing of an adult', async () => {
  open({ ...NOTHING, bornOn: born(40) });
  expect(await screen.findByText('An adult: nothing to note.')).toBeInTheDocument();
  expect(screen.queryByLabelText(/guardian/)).toBeNull();
});

it('notes who speaks for a minor, and what they agree to until when', async () => {
  const asked = open();
  await screen.findByText(/An adult/);
  write(/Born on/, born(12));
  write(/Parent or guardian/, ' Vera Moor, 555 01 ');
  fireEvent.click(screen.getByLabelText('Pages behind a link'));
  write(/Holds until/, '2027-01-31');
  fireEvent.click(screen.getByRole('button', { name: 'Note it' }));
  await waitFor(() =>
    expect(saved(asked)).toEqual([
      {
        bornOn: born(12),
        isMinor: false,
        guardian: 'Vera Moor, 555 01',
        consents: [{ kind: 'pages', until: '2027-01-31' }],
      },
    ]),
  );
});

it('says what may not be done without, who noted the rest, and takes it back', async () => {
  const consents = [{ kind: 'pictures', until: null, notedBy: 'Olga Ower', notedOn: '2026-05-04' }];
  const asked = open({ ...NOTHING, isMinor: true, guardian: 'Vera Moor', consents });
  expect(await screen.findByText('A minor: no link is made without consent.')).toBeInTheDocument();
  expect(screen.getByText('noted by Olga Ower, Mon 4 May 2026')).toBeInTheDocument();
  fireEvent.click(screen.getByLabelText('Pictures and clips'));
  fireEvent.click(screen.getByRole('button', { name: 'Note it' }));
  await waitFor(() => expect(saved(asked)).toMatchObject([{ isMinor: true, consents: [] }]));
});

it('says why it was not noted', async () => {
  const message = 'guardian: write who agreed';
  open({ ...NOTHING, isMinor: true }, { [`PUT ${PATH}`]: { status: 400, message } });
  fireEvent.click(await screen.findByRole('button', { name: 'Note it' }));
  expect(await screen.findByText(message)).toBeInTheDocument();
});
