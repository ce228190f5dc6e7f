import { cookieOf } from './app.ts';
import type { TestApp } from './app.ts';
import type { Role } from '../common/scope.ts';

export const PASSWORD = 'seven grey herons';

const linkOf = (body: unknown): string => (body as { token: string }).token;

/** Invites somebody, who joins; their cookie. */
export async function join(t: TestApp, role: Role, email = `${role}@academy.example`) {
  const name = `A new ${role}`;
  const invitation = await t.http().post('/api/invitations').send({ role, name }).expect(201);
  const joined = await t
    .as('')
    .post(`/api/links/${linkOf(invitation.body)}`)
    .send({ name, email, password: PASSWORD })
    .expect(201);
  return { cookie: cookieOf(joined), id: (joined.body as { id: string }).id, email, name };
}
