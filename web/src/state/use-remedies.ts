import type { Appraisal, Context } from '@drimbo/core';
import { measure } from '@drimbo/core/measure';
import { type Finding, lookingForRemedies } from '@drimbo/core/review';
import type { Session } from '@drimbo/core/session';
import { useEffect, useState } from 'react';

/** Typing goes on for so long before remedies are looked for, milliseconds. */
const QUIET_MS = 150;
/** The longest the screen is kept waiting at a time, milliseconds. */
const SLICE_MS = 6;
/** Findings that are through are told together, for each telling draws the review again, milliseconds. */
const TOLD_EVERY_MS = 250;

interface Found {
  session: Session;
  context: Context;
  byKey: ReadonlyMap<string, Finding>;
}

const mapped = (findings: readonly Finding[]): ReadonlyMap<string, Finding> =>
  new Map(findings.map((f) => [f.key, f]));

/**
 * An appraisal with the remedies of its findings, which come a moment after it: they are looked for between two
 * frames, and given up as soon as the session is another.
 */
export function useRemedies(session: Session, context: Context, appraisal: Appraisal): Appraisal {
  const [found, setFound] = useState<Found | null>(null);
  useEffect(() => {
    let timer: ReturnType<typeof setTimeout> | undefined;
    if (!appraisal.findings.some((f) => f.dismissed === null)) return;
    let told = 0;
    let toldAt = -Infinity;
    let looking: ReturnType<typeof lookingForRemedies> | null = null;
    const go = (): void => {
      looking ??= lookingForRemedies(measure(session, context));
      const until = performance.now() + SLICE_MS;
      let step = looking.next();
      while (!step.done && performance.now() < until) step = looking.next();
      if (step.done || (step.value.length > told && performance.now() - toldAt > TOLD_EVERY_MS)) {
        told = step.value.length;
        toldAt = performance.now();
        setFound({ session, context, byKey: mapped(step.value) });
      }
      if (!step.done) timer = setTimeout(go);
    };
    timer = setTimeout(go, QUIET_MS);
    return () => clearTimeout(timer);
  }, [session, context, appraisal]);
  return found?.session === session && found.context === context
    ? { ...appraisal, findings: appraisal.findings.map((f) => found.byKey.get(f.key) ?? f) }
    : appraisal;
}
