import { type Kit, nearestNotch } from '../kit';
import { type Context, layOut } from '../measure';
import { becoming, type Edit, type Session } from '../session';
import { sameJob } from './swaps';

/**
 * One edit that takes a session to another gym: what cannot be done there is swapped for what does its job
 * best, benches go to the nearest notch, loads that cannot be made there are computed anew.
 */
export function elsewhere(session: Session, context: Context, kitId: string, kit: Kit): Edit {
  const there: Context = { ...context, kit };
  const moved: Session = { ...session, kitId };
  const edits = layOut(moved, there).lines.flatMap((m): Edit[] => {
    if (m.missing !== null) {
      const [swap] = sameJob(m, there, { other: null, kindTo: null }, 1);
      return swap ? [{ do: 'line', line: m.id, patch: becoming(swap.entry) }] : [];
    }
    const { benchDeg } = m.rig;
    const notch = benchDeg === undefined || m.rig.stance === 'floor' ? null : nearestNotch(kit, benchDeg);
    const turned = notch !== null && notch !== benchDeg ? { rig: { ...m.line.rig, benchDeg: notch } } : {};
    const reloaded = m.sets.some((s) => s.byHand && !s.makeable) ? { loadKg: null } : {};
    const patch = { ...turned, ...reloaded };
    return Object.keys(patch).length > 0 ? [{ do: 'line', line: m.id, patch }] : [];
  });
  return { do: 'all', edits: [{ do: 'head', patch: { kitId } }, ...edits] };
}
