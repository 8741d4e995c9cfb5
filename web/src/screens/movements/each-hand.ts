/** Kilograms in each hand where movements are compared, so that all are asked the same. */
export const EACH_HAND_KG = 20;
