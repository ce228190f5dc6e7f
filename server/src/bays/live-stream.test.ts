import { startTestApp } from '../testing/app.ts';
import type { TestApp } from '../testing/app.ts';
import { edit } from '../testing/edit.ts';
import { newBay, saidBall } from '../testing/live.ts';
import { join } from '../testing/people.ts';

let t: TestApp;
beforeAll(async () => (t = await startTestApp()));
afterAll(() => t.close());

interface Heard {
  readonly id: string;
  readonly ball: { readonly clubPathDeg: number; readonly ordinal: number };
  readonly isLate: boolean;
}

/** Listens at a lesson as a browser does: what it heard so far, and how it stops. */
async function listen(lessonId: string, cookie: string, last: string | null = null) {
  const { port } = t.app.getHttpServer().address() as { port: number };
  const stop = new AbortController();
  const answer = await fetch(`http://127.0.0.1:${port}/api/lessons/${lessonId}/live`, {
    headers: { cookie, ...(last !== null && { 'last-event-id': last }) },
    signal: stop.signal,
  });
  const heard: Heard[] = [];
  const read = async (): Promise<void> => {
    let text = '';
    for await (const chunk of answer.body!.pipeThrough(new TextDecoderStream())) {
      text += chunk;
      const whole = text.split('\n\n');
      text = whole.pop()!;
      for (const one of whole) {
        const field = (name: string) => new RegExp(`^${name}: (.*)$`, 'm').exec(one)?.[1] ?? '';
        if (field('event') !== 'ball') continue;
        heard.push({ id: field('id'), ...(JSON.parse(field('data')) as Omit<Heard, 'id'>) });
      }
    }
  };
  const reading = read().catch(() => undefined);
  const until = async (count: number): Promise<void> => {
    while (heard.length < count) await new Promise((resolve) => setTimeout(resolve, 5));
  };
  const paths = () => heard.map(({ ball }) => ball.clubPathDeg);
  return { answer, heard, until, paths, end: () => (stop.abort(), reading) };
}

describe('whoever has a lesson open', () => {
  it('hears each ball that comes into it, once, and no other lesson’s', async () => {
    const { cookie } = await join(t, 'coach');
    const [lesson, other] = [await t.lesson(), await t.lesson()];
    const [bay, elsewhere] = [await newBay(t, lesson), await newBay(t, other)];
    const line = await listen(lesson, cookie);
    expect(line.answer.headers.get('content-type')).toContain('text/event-stream');
    await bay.send(saidBall(1, { path: 1 }));
    await elsewhere.send(saidBall(1, { path: 9 }));
    await bay.send(saidBall(1, { path: 1 }), saidBall(2, { path: 2 }));
    await line.until(2);
    expect(line.paths()).toEqual([1, 2]);
    await line.end();
  });

  it('is told when one comes late, since others have moved on', async () => {
    const { cookie } = await join(t, 'coach', 'late@academy.example');
    const lesson = await t.lesson();
    const bay = await newBay(t, lesson);
    const line = await listen(lesson, cookie);
    for (const n of [1, 3, 2]) await bay.send(saidBall(n, { path: n }));
    await line.until(3);
    expect(line.heard.map(({ ball, isLate }) => [ball.ordinal, isLate])).toEqual([
      [1, false],
      [2, false],
      [2, true],
    ]);
    await line.end();
  });

  it('hears after a break what came meanwhile, those that had waited too, each once', async () => {
    const { cookie } = await join(t, 'coach', 'break@academy.example');
    const lesson = await t.lesson();
    const bay = await newBay(t, lesson);
    const first = await listen(lesson, cookie);
    await bay.send(saidBall(1, { path: 1 }));
    await first.until(1);
    await first.end();
    await edit(t.http(), 'bay.set', { id: bay.id, fields: { isOn: false } }).expect(200);
    await bay.send(saidBall(2, { path: 2 }));
    await edit(t.http(), 'bay.set', { id: bay.id, fields: { isOn: true } }).expect(200);
    await bay.send(saidBall(3, { path: 3 }));
    await t.http().post(`/api/bays/${bay.id}/waiting`).send({ lessonId: lesson }).expect(200);
    const again = await listen(lesson, cookie, first.heard[0]!.id);
    await bay.send(saidBall(4, { path: 4 }));
    await again.until(3);
    expect(again.paths()).toEqual([3, 2, 4]);
    await again.end();
    const all = (await t.whole(lesson)).balls.map(({ clubPathDeg }) => clubPathDeg);
    expect(all).toEqual([1, 2, 3, 4]);
  });

  it('is signed in, and in the academy of the lesson', async () => {
    const lesson = await t.lesson();
    const line = await listen(lesson, '');
    expect(line.answer.status).toBe(401);
    const { cookie } = await join(t, 'coach', 'lost@academy.example');
    expect((await listen('nowhere', cookie)).answer.status).toBe(404);
  });
});
