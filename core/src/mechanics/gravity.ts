/** Newtons a kilogram weighs. */
export const GRAVITY = 9.81;
