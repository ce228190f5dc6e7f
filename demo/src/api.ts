import type { Step } from '@loxos/core';

/** A step of somebody who has seen nothing. */
type EditStep = Omit<Step, 'seen' | 'of'> & { readonly of?: string };

/** Talks to the server as the web app does: its cookie is kept. */
export class Api {
  private cookie = '';

  constructor(readonly base: string) {}

  async get<T>(path: string): Promise<T> {
    return this.read<T>(await this.fetch(path));
  }

  async post<T>(path: string, body: unknown): Promise<T> {
    const headers = { 'content-type': 'application/json' };
    const init = { method: 'POST', headers, body: JSON.stringify(body) };
    return this.read<T>(await this.fetch(path, init));
  }

  async delete(path: string): Promise<void> {
    await this.read(await this.fetch(path, { method: 'DELETE' }));
  }

  /** Edits things as one change; at a page, what its player does. Throws where it is not taken. */
  async edit(steps: readonly EditStep[], page?: string): Promise<void> {
    const path = page === undefined ? '/api/changes' : `/api/p/${page}/changes`;
    const changes = [{ id: crypto.randomUUID(), steps }];
    const { answers } = await this.post<{ answers: { problem: object | null }[] }>(path, {
      changes,
    });
    const problem = answers[0]?.problem ?? null;
    if (problem !== null) throw new Error(`${path}: ${JSON.stringify(problem)}`);
  }

  async upload(path: string, name: string, text: string): Promise<{ outcome: string }> {
    const form = new FormData();
    form.append('file', new Blob([text], { type: 'text/csv' }), name);
    return this.read(await this.fetch(path, { method: 'POST', body: form }));
  }

  private async fetch(path: string, init: RequestInit = {}): Promise<Response> {
    const headers = { ...init.headers, cookie: this.cookie };
    const answer = await fetch(`${this.base}${path}`, { ...init, headers });
    const given = answer.headers.getSetCookie()[0];
    if (given !== undefined) this.cookie = given.split(';', 1)[0]!;
    return answer;
  }

  private async read<T>(response: Response): Promise<T> {
    if (!response.ok) throw new Error(`${response.url}: ${await response.text()}`);
    const text = await response.text();
    return (text === '' ? undefined : JSON.parse(text)) as T;
  }
}
