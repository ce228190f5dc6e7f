import { randomBytes } from 'node:crypto';
import { ownZone } from '@loxos/core';
import { Api } from './api.ts';

const ACADEMY = 'Saltmarsh Golf School';
const OWNER = { name: 'Maren Holt', email: 'maren@saltmarsh.example' };
const STAFF = [
  { name: 'Ivo Lark', email: 'ivo@saltmarsh.example', role: 'coach' },
  { name: 'Bea Strand', email: 'bea@saltmarsh.example', role: 'assistant' },
] as const;

/** Nobody types a password in the demo, and nobody can guess one. */
const secret = (): string => randomBytes(24).toString('base64url');

/** Signs in as the owner of the demo academy, which is founded where it is not yet there. */
export async function enter(base: string): Promise<Api> {
  const api = new Api(base);
  const { isFounded } = await api.get<{ isFounded: boolean }>('/api/door');
  if (isFounded) await api.post('/api/sessions/demo', {});
  else {
    const body = { academy: ACADEMY, ...OWNER, password: secret(), zone: ownZone() };
    await api.post('/api/academy', body);
  }
  return api;
}

/** Returns the ids of the owner and the coach, who share the players; both are let in where they are new. */
export async function addStaff(api: Api): Promise<readonly string[]> {
  type Person = { readonly id: string; readonly name: string; readonly role: string };
  const known = await api.get<Person[]>('/api/people');
  for (const { name, email, role } of STAFF) {
    if (known.some((person) => person.name === name)) continue;
    const { token } = await api.post<{ token: string }>('/api/invitations', { name, role });
    await new Api(api.base).post(`/api/links/${token}`, { name, email, password: secret() });
  }
  const people = await api.get<Person[]>('/api/people');
  return [OWNER, STAFF[0]].flatMap(({ name }) => {
    const id = people.find((person) => person.name === name)?.id;
    return id === undefined ? [] : [id];
  });
}

/** Returns the address that signs a browser in as the owner, once; what filled the academy is signed out. */
export async function addressWithKey(api: Api): Promise<string> {
  const { token } = await api.post<{ token: string }>('/api/account/keys', {});
  await api.delete('/api/sessions/this');
  return `${api.base}/enter#${token}`;
}
