/** Written by `npm run calibrate`; a test holds it current. */
export const fatigueTable = {
  fastPerSet: 0.1,
  slowPerSet: 0.025,
  fastRecoveryS: 84,
  slowRecoveryS: 3600,
  reserveDecay: 0.35,
  most: 0.6,
} as const;
