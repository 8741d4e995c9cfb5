export const FRAME_MS = 16.7;

/** Milliseconds as a share of one frame. */
export const share = (ms: number): string => `${((ms / FRAME_MS) * 100).toFixed(1)} % of a frame`;

export const middle = (times: number[]): number => [...times].sort((a, b) => a - b)[times.length >> 1]!;
