import { mkdirSync, writeFileSync } from 'node:fs';
import { dirname } from 'node:path';
import { fileURLToPath } from 'node:url';
import { request } from '@playwright/test';
import type { FullConfig } from '@playwright/test';

/** Where the cookie of the demo's owner is kept for every test. */
export const SIGNED_IN = fileURLToPath(new URL('../test-results/signed-in.json', import.meta.url));

/** Signs in as the demo's button does. */
export default async function signIn({ projects }: FullConfig): Promise<void> {
  const baseURL = projects[0]!.use.baseURL!;
  const api = await request.newContext({ baseURL });
  const entered = await api.post('/api/sessions/demo');
  const account = await entered.text();
  if (!entered.ok()) throw new Error(`Nobody could sign in to the demo: ${account}`);
  const { cookies } = await api.storageState();
  const localStorage = [
    { name: 'loxos.account', value: account },
    { name: 'loxos.first', value: (JSON.parse(account) as { id: string }).id },
  ];
  const state = { cookies, origins: [{ origin: baseURL, localStorage }] };
  mkdirSync(dirname(SIGNED_IN), { recursive: true });
  writeFileSync(SIGNED_IN, JSON.stringify(state));
  await api.dispose();
}
