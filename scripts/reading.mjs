import { readFileSync } from 'node:fs';
import { bundled } from './bundled.mjs';

// Grades what is read of lines and messages as coaches write them, kind by kind; fails where a line is read wrongly
// without a word. `npm run reading -- more` reads one file of core/src/shorthand/corpus and shows every line of it
// that is not read exactly.
const corpus = 'core/src/shorthand/corpus';
const [only] = process.argv.slice(2);
const { gradeExample, gradeMessage, tableOf } = await bundled('core/src/testing/reading-grade.ts');
const lines = (name) =>
  readFileSync(`${corpus}/${name}.jsonl`, 'utf8')
    .trim()
    .split('\n')
    .map((line) => JSON.parse(line));

let silent = 0;
for (const name of only ? [only] : ['examples', 'more', 'unseen']) {
  const graded = lines(name).map(gradeExample);
  silent += graded.filter((g) => g.grade === 'silent').length;
  console.log(`\n${name}\n${tableOf(graded)}`);
  if (only)
    for (const { grade, example, why } of graded)
      if (grade !== 'exact')
        console.log(`  ${grade.padEnd(7)} ${JSON.stringify(example.text)}: ${why.join('; ')}`);
}
if (!only) {
  const messages = JSON.parse(readFileSync(`${corpus}/messages.json`, 'utf8')).map(gradeMessage);
  const right = messages.filter((m) => m.isRight).length;
  console.log(`\nmessages: movements and pairs right in ${right} of ${messages.length}`);
}
process.exit(silent > 0 ? 1 : 0);
