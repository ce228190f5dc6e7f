import { ApiError, answerOf } from './client.ts';

const response = (status: number) => ({ ok: status < 400, status }) as Response;

describe('an answer of the server', () => {
  it('is its data', async () => {
    await expect(answerOf(Promise.resolve({ data: 5, response: response(200) }))).resolves.toBe(5);
  });

  it('that refuses keeps the server’s words and fields', async () => {
    const error = { message: 'name: write it', fields: [{ field: 'name', reason: 'write it' }] };
    const refused = answerOf(Promise.resolve({ error, response: response(400) }));
    await expect(refused).rejects.toMatchObject({
      status: 400,
      message: 'name: write it',
      fields: error.fields,
    });
  });

  it('without words says at least its number', async () => {
    const refused = answerOf(Promise.resolve({ response: response(502) }));
    await expect(refused).rejects.toThrow('The server answered 502.');
  });

  it('that never came says that this was not sent', async () => {
    const lost = answerOf(Promise.reject(new TypeError('Failed to fetch')));
    await expect(lost).rejects.toBeInstanceOf(ApiError);
    await expect(lost).rejects.toMatchObject({
      status: 0,
      message: expect.stringContaining('was not sent'),
    });
  });
});
