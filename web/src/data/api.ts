/** The server's refusal: code and sentence, and for a conflict what it holds now. */
export class ApiError extends Error {
  constructor(
    readonly status: number,
    readonly code: string,
    message: string,
    readonly current?: unknown,
  ) {
    super(message);
  }
}

/** No answer at all: the server is down or the line is. */
export class Unreachable extends Error {
  constructor() {
    super('The Drimbo server does not answer.');
  }
}

interface ErrorBody {
  error?: { code: string; message: string };
  current?: unknown;
}

const jsonOf = (body: unknown): RequestInit =>
  body === undefined ? {} : { headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) };

const keyed = (sent: RequestInit, key: string): RequestInit => ({
  ...sent,
  headers: { ...(sent.headers as Record<string, string>), 'idempotency-key': key },
});

async function call<T>(method: string, path: string, sent: RequestInit = {}): Promise<T> {
  let response: Response;
  try {
    response = await fetch(`/api${path}`, { method, ...sent });
  } catch (error) {
    if ((error as Error).name === 'AbortError') throw error;
    throw new Unreachable();
  }
  if (response.status === 204) return undefined as T;
  const answer = (await response.json().catch(() => ({}))) as unknown;
  if (!response.ok) {
    const { error, current } = answer as ErrorBody;
    throw new ApiError(
      response.status,
      error?.code ?? 'unknown',
      error?.message ?? 'The server gave no reason.',
      current,
    );
  }
  return answer as T;
}

export const api = {
  get: <T>(path: string) => call<T>('GET', path),
  /** A document made under an id of its own, by which the same request sent again is known. */
  create: <T>(path: string, id: string, document: unknown) => call<T>('POST', path, jsonOf({ id, document })),
  /** Something that is done once: sent again with the same key it is answered as the first time. */
  post: <T>(path: string, body: unknown, key: string) => call<T>('POST', path, keyed(jsonOf(body), key)),
  /** Something that may be sent as often as one likes: the ids in it say what it is, or it changes nothing. */
  repeat: <T>(path: string, body: unknown) => call<T>('POST', path, jsonOf(body)),
  put: <T>(path: string, body: unknown) => call<T>('PUT', path, jsonOf(body)),
  remove: (path: string) => call<void>('DELETE', path),
  /** A file as it is. Rejects with an AbortError when stopped. */
  upload: <T>(path: string, file: Blob, stop: AbortSignal, key: string) =>
    call<T>(
      'POST',
      path,
      keyed({ headers: { 'content-type': 'application/octet-stream' }, body: file, signal: stop }, key),
    ),
};
