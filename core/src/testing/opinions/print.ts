import { measure } from '../../measure';
import { remedied } from '../../review';
import type { Case } from '../cases';
import { printBlock, randomBlocks } from './blocks';
import { goodSessions } from './good';
import { randomSessions } from './random';
import { caseOf } from './typed';

const SEED = 26;

/** A session with its findings and first remedies, as a coach reads it. */
export function printOpinion({ name, session, context }: Case): number {
  const { client, kit } = context;
  const m = measure(session, context);
  console.log(
    `\n## ${name} — ${session.school}, ${kit.name}, ${session.minutes} min, ${client.trainingAge}, ${client.massKg} kg, aim ${client.aim}` +
      `${client.lagging.length > 0 ? `, lagging ${client.lagging.join(' ')}` : ''}${client.limits.length > 0 ? `, careful of ${client.limits.map((l) => l.limit).join(' ')}` : ''}`,
  );
  for (const l of m.lines) {
    const [first] = l.sets;
    const sets = l.sets.filter((s) => s.target.stage === 0);
    console.log(
      `   ${sets.length} × ${first ? `${first.target.reps.lo}–${first.target.reps.hi}` : ''} ${l.name}${l.detail ? `, ${l.detail}` : ''}: ${first?.kg ?? 'find'} kg, ` +
        `leave ${first?.target.reserve} then ${sets.at(-1)?.target.reserve}, rest ${l.line.restS} s → ${sets.map((s) => `${s.expectedReps ?? '?'}+${s.expectedReserve?.toFixed(0) ?? '?'}`).join(' ')}`,
    );
  }
  console.log(`   ${Math.round(m.timeline.totalS / 60)} min`);
  const findings = remedied(m);
  for (const f of findings) {
    const [fix] = f.fixes;
    console.log(` ${{ stop: '!!', watch: ' !', note: ' ·' }[f.severity]} [${f.rule}] ${f.what}`);
    if (fix)
      console.log(
        `        → ${fix.label}${fix.effect.comes.length > 0 ? `   brings: ${fix.effect.comes.join(' ')}` : ''}`,
      );
  }
  return findings.length;
}

/** Prints what the review says of sessions a coach would call good, and of ordinary ones. */
export function printOpinions(many: number, seed = SEED): void {
  const good = goodSessions.map((typed) => printOpinion(caseOf(typed)));
  console.log('\n# Ordinary sessions');
  const random = randomSessions(many, seed).map((typed) => printOpinion(caseOf(typed)));
  console.log('\n# Blocks');
  const blocks = randomBlocks(Math.ceil(many / 4), seed).map(printBlock);
  const mean = (of: number[]): string => (of.reduce((a, b) => a + b, 0) / of.length).toFixed(1);
  console.log(
    `\nFindings: good sessions ${good.join(' ')}; ordinary ones ${mean(random)} each; blocks ${mean(blocks)} each`,
  );
}
