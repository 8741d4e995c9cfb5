import express from 'express';
import request from 'supertest';
import { answerProblems } from './answering';
import { Problem } from '../problems/problem';

const failing = (error: unknown, logged: unknown[] = []) => {
  const app = express();
  app.get('/', () => {
    throw error;
  });
  app.use(answerProblems((e) => logged.push(e)));
  return request(app).get('/');
};
const engine = (code: string): Error => Object.assign(new Error(`inside: ${code}`), { code });

test.each([
  ['SQLITE_BUSY', 503, 'busy'],
  ['SQLITE_BUSY_SNAPSHOT', 503, 'busy'],
  ['SQLITE_LOCKED', 503, 'busy'],
  ['SQLITE_FULL', 507, 'disk-full'],
  ['ENOSPC', 507, 'disk-full'],
  ['SQLITE_READONLY_DBMOVED', 503, 'read-only'],
  ['EROFS', 503, 'read-only'],
  ['SQLITE_CORRUPT', 503, 'damaged'],
  ['SQLITE_NOTADB', 503, 'damaged'],
  ['SQLITE_IOERR_WRITE', 503, 'unreachable-file'],
  ['SQLITE_CANTOPEN', 503, 'unreachable-file'],
])('%s is answered %p %p in words that say what to do, and logged', async (code, status, name) => {
  const logged: unknown[] = [];
  const answer = await failing(engine(code), logged);
  expect([answer.status, answer.body.error.code]).toEqual([status, name]);
  expect(answer.body.error.message).toMatch(/\b(try again|give|put|see|make room)\b/i);
  expect(answer.text).not.toContain('inside');
  expect(answer.headers['retry-after']).toBe(status === 503 ? '1' : undefined);
  expect(logged).toHaveLength(1);
});

test.each([engine('SQLITE_CONSTRAINT'), new TypeError('a bug'), 'a text'])(
  'anything else is a plain 500 without its cause',
  async (error) => {
    const { status, body, text } = await failing(error);
    expect([status, body.error.code]).toEqual([500, 'internal']);
    expect(text).not.toMatch(/inside|a bug|a text/);
  },
);

test('a refusal goes out as it is, with what the server holds', async () => {
  const logged: unknown[] = [];
  const answer = await failing(new Problem(409, 'stale', 'Changed.', 'revision', { revision: 4 }), logged);
  expect(answer.status).toBe(409);
  expect(answer.body).toEqual({
    error: { code: 'stale', message: 'Changed.', path: 'revision' },
    current: { revision: 4 },
  });
  expect(logged).toEqual([]);
});
