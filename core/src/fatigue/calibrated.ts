/** Written by `npm run calibrate`; a test holds it current. */
export const fatigueTable = {
  fastPerSet: 0.112,
  slowPerSet: 0.025,
  fastRecoveryS: 75,
  slowRecoveryS: 3600,
  reserveDecay: 0.43,
  most: 0.6,
} as const;
