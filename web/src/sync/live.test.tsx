import { act, render } from '@testing-library/react';
import { queryClient } from '../api/client.ts';
import { keys } from '../api/keys.ts';
import { lessonOf } from '../testing/lesson.ts';
import { useHearing, useLive } from './live.ts';

const asked: string[] = [];
jest.mock('./ask-anew.ts', () => ({
  askPieces: (_: string, pieces: readonly string[]) => {
    asked.push(...pieces);
    return Promise.resolve();
  },
}));

/** A line to the server as a browser has it, played by the test. */
class Line extends EventTarget {
  static readonly CLOSED = 2;
  static readonly all: Line[] = [];
  readyState = 1;
  constructor(readonly url: string) {
    super();
    Line.all.push(this);
  }
  close(): void {
    this.readyState = Line.CLOSED;
  }
}
Object.assign(globalThis, { EventSource: Line });

const { balls } = lessonOf([{ pathDeg: -6, faceDeg: 0 }]);
const known = () => queryClient.getQueryData<typeof balls>(keys.piece('lesson', 'balls'))!;
function Hearing({ isOn = true }: { isOn?: boolean }) {
  useHearing('lesson', isOn);
  return null;
}
const settle = () => act(() => new Promise((resolve) => setTimeout(resolve, 0)));
async function say(type: string, data?: object): Promise<void> {
  const line = Line.all.at(-1)!;
  line.dispatchEvent(Object.assign(new Event(type), data && { data: JSON.stringify(data) }));
  await settle();
}

beforeEach(() => {
  asked.length = 0;
  Line.all.length = 0;
  queryClient.setQueryData(keys.piece('lesson', 'balls'), balls);
});

describe('a lesson that is open', () => {
  it('hears on a line of its own, and asks for what came before', async () => {
    const { unmount } = render(<Hearing />);
    expect(Line.all.map(({ url }) => url)).toEqual(['/api/lessons/lesson/live']);
    expect(useLive.getState().line).toBe('opening');
    await say('open');
    expect([useLive.getState().line, asked]).toEqual(['open', ['balls']]);
    unmount();
    expect([Line.all[0]!.readyState, useLive.getState().line]).toEqual([Line.CLOSED, 'off']);
  });

  it('has a ball that comes at once, in its place, and once', async () => {
    render(<Hearing />);
    const ball = { ...balls[0]!, id: 'new', ordinal: 9 };
    await say('ball', { ball, isLate: false });
    await say('ball', { ball, isLate: false });
    expect(known().map(({ id }) => id)).toEqual([...balls.map(({ id }) => id), 'new']);
    expect([useLive.getState().ballId, asked]).toEqual(['new', []]);
  });

  it('asks for all where one comes late: others have moved on', async () => {
    render(<Hearing />);
    await say('ball', { ball: { ...balls[0]!, id: 'late', ordinal: 3 }, isLate: true });
    expect(asked).toEqual(['balls']);
  });

  it('says that the line is lost, and asks again for what came once it is back', async () => {
    render(<Hearing />);
    await say('open');
    await say('error');
    expect(useLive.getState().line).toBe('lost');
    await say('open');
    expect([useLive.getState().line, asked]).toEqual(['open', ['balls', 'balls']]);
  });

  it('tries again where the server refused', () => {
    jest.useFakeTimers();
    render(<Hearing />);
    Line.all[0]!.close();
    act(() => void Line.all[0]!.dispatchEvent(new Event('error')));
    act(() => void jest.advanceTimersByTime(5000));
    expect(Line.all).toHaveLength(2);
    jest.useRealTimers();
  });

  it('has no line where nothing sends', () => {
    render(<Hearing isOn={false} />);
    expect(Line.all).toEqual([]);
  });
});
