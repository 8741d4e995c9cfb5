import {
  type BlockContext,
  blockRemedies,
  readShortDay,
  splits,
  startBlock,
  type TrainingBlock,
} from '../../block';
import { atOneGo } from '../../units';
import { randomSessions } from './random';
import { caseOf } from './typed';

/** A block with what it is judged against. */
export interface RandomBlock {
  block: TrainingBlock;
  context: BlockContext;
}

/** Blocks of two push sessions of one client, a day of pulling between them; the same ones for a seed. */
export function randomBlocks(many: number, seed: number): RandomBlock[] {
  const cases = randomSessions(many * 8, seed).map(caseOf);
  const pushes = cases.filter(({ name }) => /^(Push|Chest)/.test(name));
  const found: RandomBlock[] = [];
  for (const a of pushes) {
    const b = pushes.find(
      (other) =>
        other !== a &&
        other.context.client.massKg === a.context.client.massKg &&
        other.context.client.trainingAge === a.context.client.trainingAge &&
        other.context.kit.name === a.context.kit.name &&
        !found.some((x) => x.context.sessions['a'] === other.session),
    );
    if (!b || found.length === many) continue;
    const { client, kit, todayIso } = a.context;
    const block = startBlock(a.session.clientId, client, {
      title: `${a.name} and ${b.name}`,
      split: splits.find((s) => s.id === 'twice')!,
      sessions: { 'push-a': 'a', 'push-b': 'b' },
      weeks: 6,
      startsOn: todayIso,
      school: a.session.school,
    });
    const work = readShortDay('back 8 hard, rotators 2 easy').work;
    const days = block.days.map((d) =>
      d.id === 'pull' ? { ...d, does: { is: 'short' as const, work } } : d,
    );
    const context: BlockContext = {
      client,
      kits: { [client.kitId]: kit, [a.session.kitId]: kit },
      sessions: { a: a.session, b: b.session },
      logged: [],
      todayIso,
    };
    found.push({ block: { ...block, days }, context });
  }
  return found;
}

/** A block with its findings and first remedies, as a coach reads it; how many were found. */
export function printBlock({ block, context }: RandomBlock): number {
  const { client, sessions } = context;
  console.log(
    `\n## ${block.title} — ${block.school}, ${client.minutes} min, ${client.trainingAge}, aim ${client.aim}, lagging ${client.lagging.join(' ') || 'nothing'}`,
  );
  for (const [id, { blocks }] of Object.entries(sessions))
    console.log(
      `   ${id}: ${blocks.flatMap((b) => b.lines.map((l) => `${l.movement} ${JSON.stringify(l.rig.benchDeg ?? '')} ${'sets' in l.scheme ? String(l.scheme.sets) : l.scheme.kind}`)).join(', ')}`,
    );
  const findings = atOneGo(blockRemedies(block, context));
  for (const f of findings) {
    console.log(
      ` ${{ stop: '!!', watch: ' !', note: ' ·' }[f.severity]} [${f.rule}] weeks ${f.weeks.map((w) => w + 1).join(' ')}: ${f.what}`,
    );
    if (f.fixes[0]) console.log(`        → ${f.fixes[0].label}`);
  }
  return findings.length;
}
