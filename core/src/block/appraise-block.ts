import { type GroupId, groupIds, type RegionId } from '../anatomy';
import type { TrainingBlock, Phase, WeekRule } from './document';
import { phaseAt } from './document';
import { findingsOf } from './judging';
import { measureBlock } from './measuring';
import type { BlockContext, BlockFinding } from './model';
import { endsOn, type PlacedDay } from './placing';
import { comeBack } from './rotating';
import { daySheet, type DaySheet } from './sheets';
import { weekBand } from './bands';

/** A week of a block as screens draw it. */
export interface WeekSheet {
  week: number;
  from: string;
  rule: WeekRule;
  phase: Phase;
  /** Which week of its phase, from 0. */
  ofPhase: number;
  isDone: boolean;
  /** Fractional hard sets in seven days, with the band of the school for this client. */
  groups: Record<GroupId, { sets: number; band: { lo: number; hi: number } }>;
  regions: Record<RegionId, number>;
  days: DaySheet[];
}

/** Everything a screen needs to know about a block. */
export interface BlockAppraisal {
  days: PlacedDay[];
  endsOn: string;
  weeks: WeekSheet[];
  findings: BlockFinding[];
  /** What became of movements that were left for others and have come back; a sentence each. */
  comeBack: string[];
}

/**
 * The front door of blocks: where every day falls, each week's sessions with loads and their spread, what the weeks
 * give, and what speaks against them. Pure: the same block and context give the same appraisal. Remedies are looked
 * for by `blockRemedies`.
 */
export function appraiseBlock(block: TrainingBlock, context: BlockContext): BlockAppraisal {
  const measured = measureBlock(block, context);
  return {
    days: measured.days,
    endsOn: endsOn(block, measured.days),
    weeks: measured.weeks.map((w) => {
      const { phase, at } = phaseAt(block, w.week);
      return {
        week: w.week,
        from: w.from,
        rule: w.rule,
        phase,
        ofPhase: at,
        isDone: w.isDone,
        groups: Object.fromEntries(
          groupIds.map((g) => [g, { sets: w.groups[g], band: weekBand(measured, w, g) }]),
        ) as WeekSheet['groups'],
        regions: w.regions,
        days: w.days.map((d) => daySheet(d)),
      };
    }),
    findings: findingsOf(measured),
    comeBack: comeBack(measured),
  };
}
