import { jest } from '@jest/globals';

export interface Asked {
  method: string;
  path: string;
  body: unknown;
}
interface Answer {
  status?: number;
  body?: unknown;
}

/** Stands in for the server: what it answers to each request, and what it was asked. */
export function answering(answer: (asked: Asked) => Answer | 'down'): Asked[] {
  const heard: Asked[] = [];
  globalThis.fetch = jest.fn(async (path: unknown, init?: { method?: string; body?: unknown }) => {
    const asked = {
      method: init?.method ?? 'GET',
      path: String(path),
      body: typeof init?.body === 'string' ? (JSON.parse(init.body) as unknown) : undefined,
    };
    heard.push(asked);
    const given = answer(asked);
    if (given === 'down') throw new TypeError('no line');
    const { status = 200, body = {} } = given;
    return { status, ok: status < 400, json: () => Promise.resolve(body) };
  }) as unknown as typeof fetch;
  return heard;
}
