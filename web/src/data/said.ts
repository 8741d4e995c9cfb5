import type { PerformedSet } from '@drimbo/core/log/performed-set';

/** What somebody says of a set beside its figures. */
export type Said = Pick<PerformedSet, 'technique' | 'fault' | 'felt' | 'comfort' | 'note'>;
export const nothingSaid: Said = { technique: null, fault: null, felt: null, comfort: null, note: '' };
