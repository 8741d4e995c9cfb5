import type { Severity } from '../schools';

/** The loudest first. */
export const loudness: Record<Severity, number> = { stop: 0, watch: 1, note: 2 };
