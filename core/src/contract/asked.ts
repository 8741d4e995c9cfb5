type Method = 'GET' | 'POST' | 'PUT' | 'DELETE';

/** The names in an address: of '/floor/:id/sets/:set' they are 'id' and 'set'. */
type NamesIn<P extends string> = P extends `${string}:${infer Name}/${infer Rest}`
  ? Name | NamesIn<Rest>
  : P extends `${string}:${infer Name}`
    ? Name
    : never;

type Value = string | number | boolean | null | undefined;
type Query = Record<string, Value>;

/** One request, ready to be sent: what comes back of it is an `Answer`. */
export interface Asked<Answer> {
  method: Method;
  /** Below `/api`, with its query. */
  path: string;
  body: unknown;
  /** Only for the compiler. */
  readonly answers?: Answer;
}

type Given<P extends string, Q, B> = { [Name in NamesIn<P>]: string } & ([Q] extends [never]
  ? object
  : { query: Q }) &
  ([B] extends [never] ? object : { body: B });

/** A request that can be made: called with the names in its address, its query and its body it is ready to be sent. */
export interface Way<Answer, P extends string, Q, B> {
  (...given: keyof Given<P, Q, B> extends never ? [] : [Given<P, Q, B>]): Asked<Answer>;
  method: Method;
  path: P;
}

const queryText = (query: Query): string => {
  const pairs = Object.entries(query).filter(([, value]) => value !== undefined && value !== null);
  const text = pairs.map(([name, value]) => `${name}=${encodeURIComponent(String(value))}`).join('&');
  return text === '' ? '' : `?${text}`;
};

/**
 * A way by its method and address.
 *
 * @example
 * const linksOf = way<Link[], { client: string }>()('GET', '/access/links');
 * linksOf({ query: { client: 'ada' } });   // { method: 'GET', path: '/access/links?client=ada', body: undefined }
 */
export const way =
  <Answer, Q = never, B = never>() =>
  <const P extends string>(method: Method, path: P): Way<Answer, P, Q, B> => {
    const ask = (given: Record<string, unknown> = {}): Asked<Answer> => ({
      method,
      path:
        path.replace(/:(\w+)/g, (_, name: string) => encodeURIComponent(String(given[name]))) +
        queryText((given.query ?? {}) as Query),
      body: given.body,
    });
    return Object.assign(ask as unknown as Way<Answer, P, Q, B>, { method, path });
  };
