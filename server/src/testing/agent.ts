import type request from 'supertest';

/** Somebody who asks the server, with their cookie. */
export type TestAgent = ReturnType<typeof request.agent>;
