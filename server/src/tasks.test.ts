import work, { TASKS } from './tasks.ts';

describe('what threads do', () => {
  it('has a name of its own each, by which a thread finds it', () => {
    const names = TASKS.map(({ name }) => name);
    expect(new Set(names).size).toBe(names.length);
  });

  it('is done with what it is handed', async () => {
    const bytes = new TextEncoder().encode('Club,Carry (m)\n7 iron,140\n');
    const rows = await work({ name: 'rowsAsTheyCame', input: { bytes, lines: [2] } as never });
    expect(rows).toEqual({ 2: '7 iron,140' });
  });

  it('is said where nobody does it', () => {
    expect(() => work({ name: 'sing', input: undefined as never })).toThrow('no thread does sing');
  });
});
