import { askEarly, takeEarly } from './early.ts';

const url = (path: string): string => `${globalThis.location.origin}${path}`;
const request = (path: string, method = 'GET') => ({ method, url: url(path) }) as Request;

describe('what is asked for early', () => {
  const answers = jest.fn<Promise<Response>, [string, RequestInit]>();
  beforeEach(() => {
    jest.useFakeTimers();
    globalThis.fetch = answers as unknown as typeof fetch;
    answers.mockReset().mockImplementation((to) => Promise.resolve({ url: to } as Response));
    localStorage.setItem('loxos.account', JSON.stringify({ id: 'maren' }));
  });
  afterEach(() => {
    jest.useRealTimers();
    localStorage.clear();
  });

  it('is asked once, as whoever is signed in, and taken by whoever asks the same', async () => {
    askEarly('/api/lessons?from=a%3Ab');
    expect(answers).toHaveBeenCalledWith(url('/api/lessons?from=a%3Ab'), {
      headers: { 'x-loxos-user': 'maren' },
    });
    expect(takeEarly(request('/api/lessons'))).toBeUndefined();
    const taken = await takeEarly(request('/api/lessons?from=a%3Ab'));
    expect(taken?.url).toBe(url('/api/lessons?from=a%3Ab'));
    expect(takeEarly(request('/api/lessons?from=a%3Ab'))).toBeUndefined();
  });

  it('is no answer to a change, none after one, and none once it is old', () => {
    askEarly('/api/players');
    expect(takeEarly(request('/api/lessons/l/balls', 'POST'))).toBeUndefined();
    expect(takeEarly(request('/api/players'))).toBeUndefined();
    askEarly('/api/players');
    jest.advanceTimersByTime(10_001);
    expect(takeEarly(request('/api/players'))).toBeUndefined();
  });

  it('fails for whoever takes it, and for nobody else', async () => {
    answers.mockRejectedValue(new TypeError('no network'));
    askEarly('/api/players');
    await expect(takeEarly(request('/api/players'))).rejects.toThrow('no network');
  });
});
