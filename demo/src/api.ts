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

  async patch(path: string, body: unknown): Promise<void> {
    const headers = { 'content-type': 'application/json' };
    const init = { method: 'PATCH', headers, body: JSON.stringify(body) };
    await this.read(await this.fetch(path, init));
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
