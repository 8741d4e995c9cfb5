/** Longer ago than any clock says: what bears it is on its way out and in no list. */
export const GOING = '0000-going';

/** How long a deleted document can be brought back, days. */
export const KEPT_DAYS = 30;
