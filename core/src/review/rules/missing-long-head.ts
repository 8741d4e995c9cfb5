import { kindOf, owes } from '../../session';
import { isPress } from '../questions';
import type { Rule } from '../model';
import { offerFirst } from './additions';

/** Counted sets from which the long head is not left out. Own estimate. */
const ENOUGH = 2.5;
const setsText = (n: number): string => `${Number(n.toFixed(1))} sets`;

export const missingLongHead: Rule = {
  id: 'missing-long-head',
  title: 'Nothing for the long head',
  severity: 'watch',
  ground: 'published',
  look: (s) => {
    const pressing = s.lines.filter(isPress).length;
    const flexed = s.lines.some(
      (m) => m.movement.pattern === 'elbow overhead' || m.movement.pattern === 'elbow lying',
    );
    const arms = kindOf(s.session) === 'arms' || s.session.emphasis === 'triLong';
    const { trainingAge, lagging } = s.context.client;
    const isAsked = arms || lagging.includes('triLong');
    if (!owes(s.session, 'long head') || flexed || (pressing < 2 && !arms)) return [];
    if (!isAsked && trainingAge === 'under 1 year') return [];
    const { fractional } = s.dose.regions.triLong;
    if (!isAsked && fractional >= ENOUGH) return [];
    const gets = fractional < 0.5 ? 'almost nothing' : setsText(fractional);
    return [
      {
        on: [],
        severity: isAsked ? 'watch' : 'note',
        moves: { of: 'triLong', by: 1 },
        what: `No overhead extension: the long head gets ${gets}.`,
        why: 'In ten weeks of presses alone the long head hardly grew, with extensions it did (Brandão et al. 2020, untrained men); overhead it grew more than with the arm down (Maeo et al. 2023, untrained adults).',
        fixes: () =>
          offerFirst(s, ['cable-overhead-extension', 'overhead-extension', 'lying-triceps-extension'], 2),
      },
    ];
  },
};
