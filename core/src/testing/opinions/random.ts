import { evenly } from '../../units';
import { type Client, schoolIds } from '../../session';
import type { Typed } from './typed';

/** Clients a coach has: strong and weak, new and old, careful of something. */
const people: readonly { who: Partial<Client>; benches: number | null }[] = [
  { who: { lagging: ['pecUpper'], massKg: 84 }, benches: 110 },
  { who: { lagging: ['deltSide'], massKg: 61, statureM: 1.66 }, benches: 50 },
  { who: { aim: 'strength', massKg: 97 }, benches: 150 },
  { who: { trainingAge: 'under 1 year', massKg: 68 }, benches: 40 },
  {
    who: { trainingAge: '1 to 3 years', massKg: 86, limits: [{ limit: 'shoulder front', note: '' }] },
    benches: 80,
  },
  {
    who: {
      trainingAge: '1 to 3 years',
      massKg: 75,
      limits: [{ limit: 'wrist', note: '' }],
      lagging: ['triLong'],
    },
    benches: 75,
  },
  { who: { massKg: 90, limits: [{ limit: 'lower back', note: '' }], lagging: ['deltRear'] }, benches: 95 },
  { who: { trainingAge: '1 to 3 years', massKg: 63, statureM: 1.7 }, benches: null },
];

const presses = [
  'bench press',
  'incline db press 30°',
  'dumbbell bench press',
  'incline barbell press 30°',
  'incline barbell press 45°',
  'neutral db press',
  'chest dip',
  'push-up',
  'decline dumbbell press',
  'close grip bench press',
];
const overheads = ['seated db press 75°', 'standing barbell press', 'standing dumbbell press'];
const flies = [
  'cable fly',
  'cable fly low to high',
  'dumbbell fly',
  'incline dumbbell fly 30°',
  'cable fly high to low',
];
const sides = ['lateral raise', 'cable lateral raise', 'seated lateral raise', 'wide upright row'];
const rears = ['incline rear raise', 'cable rear fly', 'face pull', 'bent-over rear raise'];
const triceps = [
  'rope overhead extension',
  'pushdown',
  'lying triceps extension',
  'overhead extension',
  'kickback',
];
const fronts = ['front raise', 'cable front raise'];
const atMachines: Record<string, string> = {
  'dumbbell bench press': 'chest press machine',
  'incline db press 30°': 'incline press machine',
  'cable fly': 'machine fly',
  'lateral raise': 'machine lateral raise',
  'seated db press 75°': 'machine overhead press',
};
const atHome: Record<string, string> = {
  'bench press': 'dumbbell bench press',
  'incline barbell press 30°': 'incline db press 30°',
  'incline barbell press 45°': 'incline db press 45°',
  'close grip bench press': 'narrow push-up',
  'chest dip': 'push-up',
  'standing barbell press': 'standing dumbbell press',
  'cable fly': 'dumbbell fly',
  'cable fly low to high': 'incline dumbbell fly 30°',
  'cable fly high to low': 'dumbbell fly',
  'cable lateral raise': 'lateral raise',
  'wide upright row': 'seated lateral raise',
  'cable rear fly': 'incline rear raise',
  'face pull': 'bent-over rear raise',
  'rope overhead extension': 'overhead extension',
  pushdown: 'kickback',
  'lying triceps extension': 'overhead extension',
  'cable front raise': 'front raise',
};

/** Sessions as coaches and clients write them, most with something that could be better; the same ones for a seed. */
export function randomSessions(many: number, seed: number): Typed[] {
  const chance = evenly(seed);
  const one = <T>(of: readonly T[]): T => of[Math.floor(chance() * of.length)]!;
  const session = (n: number): Typed => {
    const { who, benches } = one(people);
    const gym = one(['hall', 'small', 'small', 'home'] as const);
    const school = one(schoolIds);
    const kind = one(['push', 'push', 'chest', 'shoulders'] as const);
    const words: string[] = [];
    const put = (text: string, sets: number, lo: number, wide: number, rest: number): void => {
      const there =
        gym === 'home'
          ? (atHome[text] ?? text)
          : gym === 'hall' && chance() < 0.35
            ? (atMachines[text] ?? text)
            : text;
      if (words.some((w) => w.includes(`x ${there} `)) || words.length > 8) return;
      const first = one([3, 2, 2, 2, 1, 0]);
      const last = Math.min(first, one([2, 1, 1, 0]));
      words.push(`${sets}x${lo}-${lo + wide} ${there} leave ${first} then ${last} rest ${rest}s`);
    };
    const press = (): void =>
      put(one(presses), one([3, 3, 4, 5]), one([5, 6, 8, 8, 10]), 2, one([90, 120, 120, 150]));
    if (kind !== 'shoulders') {
      press();
      if (chance() < 0.85) press();
      if (chance() < 0.3) press();
      if (chance() < 0.7) put(one(flies), one([2, 3, 3, 4]), one([10, 12, 12, 15]), 3, one([60, 75, 90]));
    } else put(one(overheads), one([3, 4]), one([5, 6, 8]), 2, one([120, 150]));
    if (kind === 'push' && chance() < 0.5) put(one(overheads), 3, one([6, 8, 10]), 2, one([90, 120]));
    if (kind !== 'chest' || chance() < 0.4)
      put(one(sides), one([3, 4, 5]), one([10, 12, 15]), 3, one([45, 60]));
    if (chance() < 0.35) put(one(rears), one([3, 4]), one([12, 15]), 3, one([45, 60]));
    if (chance() < 0.15) put(one(fronts), 3, 12, 3, 60);
    if (kind !== 'chest' || chance() < 0.5)
      put(one(triceps), one([3, 3, 4]), one([8, 10, 12]), 2, one([60, 75]));
    if (chance() < 0.3) put(one(triceps), 3, one([10, 12, 15]), 3, 60);
    // Now and then something stands where it should not.
    if (chance() < 0.2 && words.length > 2) words.unshift(words.pop()!);
    return {
      name: `${{ push: 'Push', chest: 'Chest', shoulders: 'Shoulders and triceps' }[kind]} ${n + 1}`,
      who,
      benches,
      gym,
      minutes: one([45, 60, 60, 75, 90]),
      emphasis: kind === 'shoulders' ? 'deltSide' : 'chest',
      school,
      spotter: chance() < 0.5,
      lines: words,
    };
  };
  return Array.from({ length: many }, (_, n) => session(n));
}
