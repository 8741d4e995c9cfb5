import type { Asked, ProblemCode, Refused } from '@drimbo/core/contract';

/** The server's refusal: code and sentence, and for a conflict what it holds now. */
export class ApiError extends Error {
  constructor(
    readonly status: number,
    /** Unknown where something between here and the server answered in its place. */
    readonly code: ProblemCode | 'unknown',
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

/** Whether the server refused for this reason. */
export const isRefused = (error: unknown, code: ProblemCode): error is ApiError =>
  error instanceof ApiError && error.code === code;

interface Sending {
  /** Something that is done once: sent again with the same key it is answered as the first time. */
  key?: string;
  /** A file as it is, in place of a body. */
  file?: Blob;
  /** Rejects with an AbortError when stopped. */
  stop?: AbortSignal;
}

function requestOf({ method, body }: Asked<unknown>, { key, file, stop }: Sending): RequestInit {
  const headers = new Map<string, string>();
  if (key !== undefined) headers.set('idempotency-key', key);
  if (file) headers.set('content-type', 'application/octet-stream');
  else if (body !== undefined) headers.set('content-type', 'application/json');
  const content = file ?? (body === undefined ? undefined : JSON.stringify(body));
  return {
    method,
    ...(headers.size > 0 ? { headers: Object.fromEntries(headers) } : {}),
    ...(content === undefined ? {} : { body: content }),
    ...(stop ? { signal: stop } : {}),
  };
}

/** Where a file of the server is fetched by the browser itself. */
export const addressOf = ({ path }: Asked<Blob>): string => `/api${path}`;

/**
 * Asks the server by the contract. Rejects with an ApiError that says why not, or Unreachable where nobody answers.
 *
 * @example const file = await ask(ways.clientFile({ id }));
 */
export async function ask<T>(asked: Asked<T>, sending: Sending = {}): Promise<T> {
  let response: Response;
  try {
    response = await fetch(`/api${asked.path}`, requestOf(asked, sending));
  } catch (error) {
    if ((error as Error).name === 'AbortError') throw error;
    throw new Unreachable();
  }
  if (response.status === 204) return undefined as T;
  const answer = (await response.json().catch(() => ({}))) as unknown;
  if (response.ok) return answer as T;
  const { error, current } = answer as Partial<Refused>;
  throw new ApiError(
    response.status,
    error?.code ?? 'unknown',
    error?.message ?? 'The server gave no reason.',
    current,
  );
}
