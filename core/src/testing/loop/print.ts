import { caughtOf, type Figures, figuresOf, livesOf, standingsOf } from './figures';
import { trials } from './plans';

const percent = (x: number): string => `${(100 * x).toFixed(1)} %`;
const plain = (x: number): string => x.toFixed(2);

const rows: Record<keyof Figures, [says: string, shown: (x: number) => string]> = {
  firstLeft: ['first sets: left − asked', plain],
  otherLeft: ['other sets: left − asked', plain],
  lightLeft: ['lighter weeks: left − asked', plain],
  said: ['said at the load (first sets)', percent],
  expectedReps: ['reps: mean |expected − done|, week 3 on', plain],
  ableInBand: ['reps possible in their 80 % band', percent],
  counted: ['counted ÷ planned', percent],
  workingInBand: ['working max in its 80 % band, week 4 on', percent],
  workingBias: ['bias of the working max', percent],
  turns: ['turned directions a session', percent],
  changes: ['changes of load a session', percent],
  below: ['reps below the range', percent],
};

/** Prints how loads come true over so many simulated clients, twelve weeks each. */
export function printLoop(many: number): void {
  const told = (name: string, figures: Figures): void => {
    console.log(`\n== ${name}`);
    for (const [key, [says, shown]] of Object.entries(rows))
      console.log(says.padEnd(44), shown(figures[key as keyof Figures]));
  };
  told('tells what is left', figuresOf(livesOf(trials(many, { honest: true }), 12)));
  told('misjudges what is left', figuresOf(livesOf(trials(many), 12)));
  told('misjudges, and was never tested', figuresOf(livesOf(trials(many), 12, false)));
  const fewer = Math.min(many, 24);
  for (const gain of [0, 0.0025, 0.005, 0.01]) {
    const found = standingsOf(fewer, gain);
    console.log(`\ngains ${percent(gain)} a week; alarms ${plain(found.alarms ?? NaN)} in 24 sessions`);
    for (const { week, rising, holding, falling } of found)
      console.log(
        `  week ${week}: rising ${percent(rising)}, holding ${percent(holding)}, falling ${percent(falling)}`,
      );
  }
  for (const each of [0.015, 0.025, 0.04]) {
    const { within4, within6, before } = caughtOf(fewer, each);
    console.log(
      `\nfalls ${percent(each)} a session: seen in four ${percent(within4)}, in six ${percent(within6)}; false before ${plain(before)}`,
    );
  }
}
