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

async function call<T>(method: string, path: string, body?: unknown): Promise<T> {
  let response: Response;
  try {
    response = await fetch(`/api${path}`, {
      method,
      ...(body === undefined
        ? {}
        : { headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) }),
    });
  } catch {
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
  post: <T>(path: string, body: unknown) => call<T>('POST', path, body),
  put: <T>(path: string, body: unknown) => call<T>('PUT', path, body),
  remove: (path: string) => call<void>('DELETE', path),
};
