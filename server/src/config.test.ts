import { existsSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { configFrom } from './config.ts';

const folder = mkdtempSync(join(tmpdir(), 'loxos-config-'));
afterAll(() => rmSync(folder, { recursive: true }));
const config = (env: Record<string, string>) =>
  configFrom({ LOXOS_DATA: join(folder, 'data'), ...env });

describe('the configuration', () => {
  it('listens on loopback alone, on the usual port', () => {
    expect(config({})).toMatchObject({
      host: '127.0.0.1',
      port: 4180,
      origins: [],
      trustProxy: 0,
      isDemo: false,
    });
  });

  it('makes its data folder where it is told to', () => {
    const { databaseUrl } = config({ LOXOS_DATA: join(folder, 'a', 'b c') });
    expect(existsSync(join(folder, 'a', 'b c'))).toBe(true);
    expect(databaseUrl).toMatch(/^file:.*a\/b%20c\/loxos\.db$/);
  });

  it('keeps to the user’s data folder by default', () => {
    const { databaseUrl } = configFrom({ XDG_DATA_HOME: join(folder, 'xdg'), HOME: folder });
    expect(databaseUrl).toMatch(/xdg\/loxos\/loxos\.db$/);
  });

  it.each(['80a', '-1', '70000', '4.5'])('refuses the port %s and says what it must be', (PORT) => {
    expect(() => config({ PORT })).toThrow(
      `PORT is "${PORT}"; it must be a whole number from 0 to 65535`,
    );
  });

  it('refuses a port that no browser opens, and says so', () => {
    expect(() => config({ PORT: '4190' })).toThrow('PORT is 4190, which no browser opens');
  });

  it.each(['1', 'loopback', '10.0.0.0/8, 192.168.1.2', 'fc00::/7'])(
    'trusts the proxies %s',
    (text) => {
      expect(String(config({ LOXOS_TRUST_PROXY: text }).trustProxy)).toBe(text);
    },
  );

  it.each(['banana', 'true', '10.0.0.0/x', '-1'])(
    'refuses the proxies %s, and says why',
    (text) => {
      expect(() => config({ LOXOS_TRUST_PROXY: text })).toThrow(
        `LOXOS_TRUST_PROXY is "${text}"; give how many proxies`,
      );
    },
  );

  it('takes port 0 as any free one', () => {
    expect(config({ PORT: '0' }).port).toBe(0);
    expect(config({ PORT: '' }).port).toBe(4180);
  });

  it('takes the addresses it is opened at, and the proxies before it', () => {
    const asked = {
      HOST: '0.0.0.0',
      LOXOS_ORIGIN: 'https://loxos.example.org/, http://10.0.0.2:4180',
    };
    expect(config({ ...asked, LOXOS_TRUST_PROXY: '1' })).toMatchObject({
      host: '0.0.0.0',
      origins: ['https://loxos.example.org', 'http://10.0.0.2:4180'],
      trustProxy: 1,
    });
    expect(config({ LOXOS_TRUST_PROXY: 'loopback' }).trustProxy).toBe('loopback');
  });

  it('asks at which address an open server is reached', () => {
    expect(() => config({ HOST: '0.0.0.0' })).toThrow(/at which address .* with LOXOS_ORIGIN/);
  });

  it.each(['loxos.example.org', 'ftp://a.example', 'https://a.example/app'])(
    'refuses the address %s',
    (LOXOS_ORIGIN) => {
      expect(() => config({ LOXOS_ORIGIN })).toThrow(`LOXOS_ORIGIN has "${LOXOS_ORIGIN}"`);
    },
  );

  it('keeps the data on a libSQL server where it is told to', () => {
    const env = { LOXOS_DATABASE: 'https://far.example', LOXOS_DATABASE_TOKEN: 'secret' };
    expect(config(env)).toMatchObject({
      databaseUrl: 'https://far.example',
      databaseToken: 'secret',
    });
  });

  it('is a demo for this machine alone', () => {
    expect(config({ LOXOS_DEMO: '1' }).isDemo).toBe(true);
    expect(config({ LOXOS_DEMO: '1', HOST: '192.168.1.5' }).isDemo).toBe(false);
  });
});
