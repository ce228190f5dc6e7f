import { REFUSED_PORTS } from './refused-ports.ts';

/** Takes no request: what is asked goes nowhere. */
const NOWHERE = {
  dispatch: (_asked: unknown, { onError }: { onError: (error: Error) => void }) => {
    onError(new Error('went nowhere'));
    return false;
  },
};
const isRefused = (port: number): Promise<boolean> =>
  fetch(`http://127.0.0.1:${port}`, { dispatcher: NOWHERE } as unknown as RequestInit).then(
    () => false,
    ({ cause }: { cause?: Error }) => cause?.message === 'bad port',
  );

it('are those that Node’s own fetch refuses', async () => {
  const refused: number[] = [];
  for (let port = 1024; port < 11_000; port++) if (await isRefused(port)) refused.push(port);
  expect(refused).toEqual([...REFUSED_PORTS]);
});
