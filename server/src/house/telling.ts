/** Hears how far a work is, 0–1. */
export type Tell = (share: number) => void;
