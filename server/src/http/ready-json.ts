import type { Response } from 'express';

/** Answers with an object some of whose fields are JSON already, which is sent as it is. */
export function sendWith(response: Response, body: object, ready: Readonly<Record<string, string>>): void {
  const fields = Object.entries(ready).map(([name, json]) => `${JSON.stringify(name)}:${json}`);
  const text = JSON.stringify(body);
  const all = text === '{}' ? fields.join(',') : [text.slice(1, -1), ...fields].join(',');
  response.type('json').send(`{${all}}`);
}
