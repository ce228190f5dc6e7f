/** Passkeys and one-time codes of one's account. */
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { canHavePasskey } from '../../api/passkeys.ts';
import { show } from '../../testing/render.tsx';
import { answering } from '../../testing/server.ts';
import { OneTimeCodes } from './OneTimeCodes.tsx';
import { Passkeys } from './Passkeys.tsx';

const AT = '2026-05-04T09:00:00.000Z';
const KEYS = [
  { id: 'k', device: 'iPhone CriOS/140', site: 'localhost', createdAt: AT, usedAt: null },
];
const sent = <T extends { readonly method: string }>(asked: readonly T[]): T[] =>
  asked.filter(({ method }) => method !== 'GET');

describe('passkeys', () => {
  it('are listed by their device, and taken away', async () => {
    const asked = answering({
      'GET /api/account/passkeys': KEYS,
      'DELETE /api/account/passkeys/k': { status: 204 },
    });
    show(<Passkeys />, { isAnswered: true });
    expect(await screen.findByText('Chrome on an iPhone')).toBeInTheDocument();
    expect(screen.getByText(/made Monday 4 May, not used yet/)).toBeInTheDocument();
    fireEvent.click(screen.getByRole('button', { name: 'Take it away' }));
    await waitFor(() => expect(sent(asked)[0]).toMatchObject({ path: '/api/account/passkeys/k' }));
  });

  it('say why there can be none at an address without a name', async () => {
    answering({ 'GET /api/account/passkeys': [] });
    show(<Passkeys />, { isAnswered: true });
    expect(await screen.findByText(/At this address there can be none/)).toBeInTheDocument();
    expect(screen.queryByRole('button')).toBeNull();
  });

  it.each([
    ['loxos.example.org', true],
    ['localhost', true],
    ['127.0.0.1', false],
    ['192.168.1.20', false],
    ['[::1]', false],
  ])('are for an address with a name: %s', (hostname, isSo) => {
    Object.assign(window, { isSecureContext: true, PublicKeyCredential: () => undefined });
    expect(canHavePasskey({ hostname } as Location)).toBe(isSo);
    Object.assign(window, { isSecureContext: false });
    expect(canHavePasskey({ hostname } as Location)).toBe(false);
    Reflect.deleteProperty(window, 'PublicKeyCredential');
  });
});

it('who signed in a while ago is asked for the password, and goes on', async () => {
  const reason = 'You signed in a while ago: write your password, or sign in anew.';
  const again = { status: 400, message: reason, fields: [{ field: 'password', reason }] };
  const asked = answering({
    'GET /api/account/codes': { isOn: false, left: 0 },
    'POST /api/account/codes/offer': ({ body }: { body: unknown }) =>
      (body as { password?: string }).password === 'nine red kites'
        ? { status: 201, secret: 'ABC234', uri: 'otpauth://totp/x' }
        : again,
  });
  show(<OneTimeCodes />, { isAnswered: true });
  fireEvent.click(await screen.findByRole('button', { name: 'Turn one-time codes on' }));
  const password = await screen.findByLabelText('Your password');
  expect(screen.getByRole('alert')).toHaveTextContent(reason);
  expect(screen.getByRole('button', { name: 'Go on' })).toBeDisabled();
  fireEvent.change(password, { target: { value: 'nine red kites' } });
  fireEvent.click(screen.getByRole('button', { name: 'Go on' }));
  expect(await screen.findByText('ABC2 34')).toBeInTheDocument();
  expect(sent(asked).map(({ body }) => body)).toEqual([{}, { password: 'nine red kites' }]);
});

describe('one-time codes', () => {
  const OFF = { isOn: false, left: 0 };
  const write = (label: string, value: string): void =>
    void fireEvent.change(screen.getByLabelText(label), { target: { value } });

  it('are turned on by what the app shows, and tell their recovery codes once', async () => {
    const asked = answering({
      'GET /api/account/codes': OFF,
      'POST /api/account/codes/offer': { status: 201, secret: 'ABC234', uri: 'otpauth://totp/x' },
      'POST /api/account/codes': { status: 201, codes: ['7KQ2M-XH4RT', '3ABCD-EFGHJ'] },
    });
    show(<OneTimeCodes />, { isAnswered: true });
    fireEvent.click(await screen.findByRole('button', { name: 'Turn one-time codes on' }));
    expect(await screen.findByText('ABC2 34')).toBeInTheDocument();
    write('Six figures', '12345');
    fireEvent.click(screen.getByRole('button', { name: 'Turn them on' }));
    expect(await screen.findByText('Write the six figures the app shows.')).toBeInTheDocument();
    write('Six figures', '123 456');
    fireEvent.click(screen.getByRole('button', { name: 'Turn them on' }));
    const codes = await screen.findByRole('list', { name: 'Recovery codes' });
    expect(
      within(codes)
        .getAllByRole('listitem')
        .map(({ textContent }) => textContent),
    ).toEqual(['7KQ2M-XH4RT', '3ABCD-EFGHJ']);
    expect(sent(asked).at(-1)).toMatchObject({ body: { code: '123 456' } });
    fireEvent.click(screen.getByRole('button', { name: 'I have them' }));
    expect(screen.queryByRole('list')).toBeNull();
  });

  it('say how many recovery codes are left, and are turned off with the password', async () => {
    const asked = answering({
      'GET /api/account/codes': { isOn: true, left: 3 },
      'POST /api/account/codes/end': { status: 204 },
    });
    show(<OneTimeCodes />, { isAnswered: true });
    expect(await screen.findByText(/3 of 10 recovery codes are left; turn them off/)).toBeVisible();
    fireEvent.click(screen.getByRole('button', { name: 'Turn them off' }));
    expect(await screen.findByText('Write your password.')).toBeInTheDocument();
    write('Your password, to turn them off', 'nine red kites');
    fireEvent.click(screen.getByRole('button', { name: 'Turn them off' }));
    await waitFor(() =>
      expect(sent(asked)).toMatchObject([{ body: { password: 'nine red kites' } }]),
    );
  });
});
