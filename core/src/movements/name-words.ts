/** What coaches write short, and the words it stands for. */
const shortForms: Record<string, string> = {
  db: 'dumbbell',
  dbs: 'dumbbell',
  dumbbells: 'dumbbell',
  dumbell: 'dumbbell',
  dumbells: 'dumbbell',
  bb: 'barbell',
  incl: 'incline',
  inc: 'incline',
  inclined: 'incline',
  decl: 'decline',
  dec: 'decline',
  ext: 'extension',
  exts: 'extension',
  extensions: 'extension',
  tri: 'triceps',
  tris: 'triceps',
  tricep: 'triceps',
  lat: 'lateral',
  lats: 'lateral',
  laterals: 'lateral',
  ohp: 'overhead press',
  oh: 'overhead',
  cgbp: 'close grip bench press',
  cg: 'close grip',
  sa: 'single arm',
  flye: 'fly',
  flyes: 'fly',
  flys: 'fly',
  flies: 'fly',
  raises: 'raise',
  presses: 'press',
  dips: 'dip',
  pecs: 'pec',
  dumbel: 'dumbbell',
  delts: 'delt',
  deltoid: 'delt',
  deltoids: 'delt',
  mach: 'machine',
  rev: 'reverse',
  flyers: 'fly',
  skulls: 'skullcrusher',
  skull: 'skullcrusher',
  pushdowns: 'pushdown',
  pressdown: 'pushdown',
  pressdowns: 'pushdown',
  crossovers: 'crossover',
  kickbacks: 'kickback',
  banded: 'bands',
  band: 'bands',
  chain: 'chains',
  pause: 'paused',
  wg: 'wide grip',
  rg: 'reverse grip',
};

/** Words that are one name together, however they are joined. */
const joined: [RegExp, string][] = [
  [/\b(?:push|press) ?ups?\b/g, 'push-up'],
  [/\b(?:push|press) ?downs?\b/g, 'pushdown'],
  [/\bpull ?aparts?\b/g, 'pull-apart'],
  [/\bpull ?overs?\b/g, 'pullover'],
  [/\bpull ?ups?\b/g, 'pull-up'],
  [/\bpull ?downs?\b/g, 'pulldown'],
  [/\bchin ?ups?\b/g, 'chin-up'],
  [/\bsit ?ups?\b/g, 'sit-up'],
  [/\bstep ?ups?\b/g, 'step-up'],
  [/\bskull ?crushers?\b/g, 'skullcrusher'],
  [/\bkick ?backs?\b/g, 'kickback'],
  [/\b(?:cross|x) ?overs?\b/g, 'crossover'],
  [/\bface ?pulls?\b/g, 'face pull'],
  [/\b(?:pec|peck) ?(?:deck|dec|dek)s?\b/g, 'pec deck'],
  [/\b(?:one|1) arm(?:ed)?\b/g, 'single arm'],
  [/\bsingle armed\b/g, 'single arm'],
];

/** Words of a name, lower case, with common short forms written out. */
export function wordsOf(text: string): string[] {
  let plain = text.toLowerCase().replace(/[^a-z0-9]+/g, ' ');
  for (const [form, word] of joined) plain = plain.replace(form, word);
  return plain
    .split(' ')
    .filter(Boolean)
    .flatMap((w) => (shortForms[w] ?? w).split(' '));
}

/** True when one letter put in, left out, changed or two swapped turns `a` into `b`. */
function nearlySame(a: string, b: string): boolean {
  if (Math.abs(a.length - b.length) > 1) return false;
  let i = 0;
  while (i < a.length && a[i] === b[i]) i++;
  const swapped =
    a.length === b.length && a[i] === b[i + 1] && a[i + 1] === b[i] && a.slice(i + 2) === b.slice(i + 2);
  return (
    swapped ||
    a.slice(i + 1) === b.slice(i + 1) ||
    a.slice(i) === b.slice(i + 1) ||
    a.slice(i + 1) === b.slice(i)
  );
}

/** How well a word that was written answers to one of a name, 0 to 1. */
export function wordMatch(asked: string, has: string): number {
  if (asked === has) return 1;
  if (asked.length > 3 && (asked === `${has}s` || `${asked}s` === has || asked === `${has}es`)) return 0.98;
  if (has.startsWith(asked) && asked.length >= 2) return 0.85;
  if (asked.length >= 4 && has.length >= 4 && nearlySame(asked, has)) return 0.75;
  return 0;
}
