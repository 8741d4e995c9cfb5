import { z } from 'zod';
import { burnOut } from './burn-out';
import { drop } from './drop';
import { hold } from './hold';
import { ascending, descending, list } from './lists';
import { mechanicalDrop } from './mechanical-drop';
import type { SchemeModule } from './model';
import { restPause } from './rest-pause';
import { straight } from './straight';
import { toFailure } from './to-failure';
import { topAndBackOff } from './top-and-back-off';

const modules = [
  straight,
  ascending,
  descending,
  list,
  topAndBackOff,
  drop,
  mechanicalDrop,
  restPause,
  burnOut,
  toFailure,
  hold,
] as const;

type SchemeOf<M> = M extends { schema: z.ZodType<infer S> } ? S : never;
/** How the sets of a line go. */
export type Scheme = SchemeOf<(typeof modules)[number]>;
export type SchemeKind = Scheme['kind'];

/** Every scheme, in the order they are offered. */
export const schemeModules = modules as unknown as readonly SchemeModule<Scheme>[];

export const schemeSchema = z.discriminatedUnion(
  'kind',
  modules.map((m) => m.schema) as never,
) as z.ZodType<Scheme>;

const byKind = new Map(schemeModules.map((m) => [m.kind, m]));

/** The module that knows a scheme. */
export const moduleOf = (scheme: Pick<Scheme, 'kind'>): SchemeModule<Scheme> => byKind.get(scheme.kind)!;

export const schemeKinds = modules.map((m) => m.kind) as [SchemeKind, ...SchemeKind[]];
