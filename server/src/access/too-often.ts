import type { AugmentedRequest, RateLimitExceededEventHandler } from 'express-rate-limit';
import { Problem } from '../problems/problem';

/** Says when it is worth another try (RFC 9110, 10.2.3), and refuses. */
export const tooOften =
  (says: string): RateLimitExceededEventHandler =>
  (request, response) => {
    const { resetTime } = (request as AugmentedRequest).rateLimit!;
    const left = Math.ceil(((resetTime?.getTime() ?? 0) - Date.now()) / 1000);
    response.setHeader('Retry-After', Math.max(1, left));
    throw new Problem(429, 'too-often', says);
  };
