import { programming } from './programming';

/** How far a published ground reaches. */
export type Certainty = 'shown' | 'likely' | 'suggested' | 'open';

export const certaintyWords: Record<Certainty, string> = {
  shown: 'shown more than once',
  likely: 'likely; one good study or a review of mixed ones',
  suggested: 'suggested, not shown',
  open: 'open: no clear difference found',
};

/** One published work the product leans on. Everything here is from memory of the named source. */
export interface Source {
  id: string;
  cite: string;
  where: string;
  /** What was found, in its own terms. */
  found: string;
  /** In whom, how many, for how long, as far as remembered. */
  inWhom: string;
  size: string;
  certainty: Certainty;
  /** What Drimbo makes of it. */
  use: string;
  /** Rules that rest on it. */
  rules: readonly string[];
  /** Figures of the product that rest on it. */
  figures: readonly string[];
}

const works: readonly Source[] = [
  {
    id: 'bench-angle',
    cite: 'Rodríguez-Ridao et al. 2020',
    where: 'Int J Environ Res Public Health 17:7339',
    found:
      'Electrical activity of the clavicular part was highest with the bench near 30°; the sternal and costal parts fell as it rose, the front delt rose up to 60°, the triceps stayed about flat.',
    inWhom: 'About thirty trained men, one session of a free-weight press at five angles.',
    size: 'Differences of a tenth to a third of the highest activity.',
    certainty: 'likely',
    use: 'The direction of the credits by bench angle, and the line from which an incline is called a shoulder press. Activity is not growth.',
    rules: ['steep-incline', 'missing-upper-chest'],
    figures: ['Credits of presses by bench angle'],
  },
  {
    id: 'incline-growth',
    cite: 'Chaves et al. 2020',
    where: 'Int J Exerc Sci 13:859–872',
    found:
      'With an incline of about 44° the upper chest grew more than with a flat bench, and nothing else grew less.',
    inWhom: 'Untrained men over about eight weeks, in three groups.',
    size: 'Clear at the upper measuring site only.',
    certainty: 'likely',
    use: 'An upper chest that lags gets an incline press first.',
    rules: ['missing-upper-chest', 'emphasis-late'],
    figures: [],
  },
  {
    id: 'press-and-extension',
    cite: 'Brandão et al. 2020',
    where: 'J Strength Cond Res 34:1254–1263',
    found:
      'The chest grew with the bench press and hardly with extensions alone; the long head grew with extensions, the lateral with presses. With the extension first the chest grew less, but the difference was not statistically clear.',
    inWhom: 'Untrained young men, ten weeks, 80 % of max to failure, three minutes of rest, four groups.',
    size: 'Medial head: suggested only.',
    certainty: 'likely',
    use: 'The long head is owed an extension on push days; extensions stand behind presses.',
    rules: ['missing-long-head', 'triceps-before-press'],
    figures: [],
  },
  {
    id: 'overhead-extension',
    cite: 'Maeo et al. 2023',
    where: 'Eur J Sport Sci 23:1240–1250',
    found:
      'The arm trained overhead grew more in all heads than the arm trained at the side, most in the long head, with less load.',
    inWhom: 'About twenty untrained adults, one arm each way, twelve weeks.',
    size: 'About half as much again for the long head.',
    certainty: 'likely',
    use: 'Overhead is offered first for the long head, and two shoulder angles are asked for where there are two extensions.',
    rules: ['missing-long-head', 'one-triceps-angle'],
    figures: ['Credits of extensions by where the arm is held'],
  },
  {
    id: 'weekly-sets',
    cite: 'Schoenfeld et al. 2017',
    where: 'J Sports Sci 35:1073–1082',
    found: 'More weekly sets went with more growth, each further one with less.',
    inWhom: 'A meta-analysis of fifteen studies, trained and untrained.',
    size: 'About 0.4 % a set on average.',
    certainty: 'shown',
    use: 'The direction of the bands and the concave value curve; its steepness is our own estimate.',
    rules: ['session-band'],
    figures: ['Value of a further set'],
  },
  {
    id: 'session-sets',
    cite: 'Remmert et al. 2025',
    where: 'preprint',
    found: 'Past about eleven fractional sets of a muscle in one session no further benefit could be shown.',
    inWhom: 'A meta-regression over published trials; not reviewed yet.',
    size: 'Wide intervals: “could not be shown” is not “is none”.',
    certainty: 'suggested',
    use: 'Where the value curve is about flat and the upper end of the bands gets its sentence.',
    rules: ['session-band'],
    figures: ['Value of a further set'],
  },
  {
    id: 'rep-ranges',
    cite: 'Schoenfeld et al. 2021',
    where: 'Sports 9:32',
    found: 'From about five to thirty and more repetitions growth is similar where sets end near failure.',
    inWhom: 'A review of trials, trained and untrained.',
    size: 'No clear difference between light and heavy for size; heavy is better for strength.',
    certainty: 'shown',
    use: 'No rep range is wrong between five and fifty for size; two ranges are a convenience, not a finding of research.',
    rules: ['reps-outside-growth', 'one-rep-range'],
    figures: ['Homes of the schools'],
  },
  {
    id: 'rep-duration',
    cite: 'Schoenfeld et al. 2015',
    where: 'Sports Med 45:577–585',
    found: 'Repetitions of half a second to about eight seconds grew muscle alike.',
    inWhom: 'A meta-analysis of eight studies to failure.',
    size: 'Longer than that seemed worse.',
    certainty: 'likely',
    use: 'Tempo is free between; slow repetitions count for more than one only in what load they allow.',
    rules: [],
    figures: ['Pace of slow repetitions'],
  },
  {
    id: 'near-failure',
    cite: 'Robinson et al. 2024',
    where: 'Sports Med 54:2209–2231',
    found: 'Sets that end nearer to failure went with somewhat more growth; for strength it hardly mattered.',
    inWhom: 'A meta-regression over some fifty studies.',
    size: 'A slope with wide intervals.',
    certainty: 'likely',
    use: 'What a set is worth by its reserve. The steps are our own estimate.',
    rules: ['uncounted-sets'],
    figures: ['Worth of a set by what it leaves'],
  },
  {
    id: 'failure-cost',
    cite: 'Refalo et al. 2024',
    where: 'J Sports Sci 42:85–101',
    found:
      'Sets to failure lost more repetitions over a session than sets that left one or two, still so after eight weeks; the muscle grew alike.',
    inWhom: 'Trained men and women, eight weeks, each leg one way.',
    size: 'One to two repetitions a set.',
    certainty: 'likely',
    use: 'Failure is kept for last sets of last movements.',
    rules: ['failure-first-compound', 'failure-before-heavy', 'failure-not-last'],
    figures: ['Fatigue a set adds by its reserve'],
  },
  {
    id: 'rest',
    cite: 'Singer et al. 2024',
    where: 'Front Sports Act Living 6:1429789',
    found:
      'Rests over a minute grew slightly better than shorter ones; beyond a minute and a half little was gained.',
    inWhom: 'A Bayesian meta-analysis of nine studies.',
    size: 'Small.',
    certainty: 'suggested',
    use: 'Floors of rests in the schools; what a shorter rest costs in repetitions comes from the fatigue model.',
    rules: ['short-rests'],
    figures: ['Rest floors of the schools'],
  },
  {
    id: 'order',
    cite: 'Nunes et al. 2021',
    where: 'Eur J Sport Sci 21:149–157',
    found: 'The order of movements had no clear effect on growth; strength rose most in what was done first.',
    inWhom: 'A meta-analysis of eleven studies.',
    size: 'Growth: about nil. Strength: moderate.',
    certainty: 'open',
    use: 'Order is judged by load and repetitions kept and by what the session is for, not by growth that nobody has shown.',
    rules: ['emphasis-late', 'isolation-before-compound'],
    figures: [],
  },
  {
    id: 'order-reps',
    cite: 'Simão et al. 2012',
    where: 'Sports Med 42:251–265',
    found: 'Whatever stands late in a session loses repetitions, large muscles and small ones alike.',
    inWhom: 'A review of acute and longer studies.',
    size: 'Often two or three of ten.',
    certainty: 'shown',
    use: 'The fatigue model, and the press before its isolation.',
    rules: ['isolation-before-compound'],
    figures: ['Order by what is kept'],
  },
  {
    id: 'long-lengths',
    cite: 'Pedrosa et al. 2022',
    where: 'Eur J Sport Sci 22:1250–1260',
    found:
      'Knee extensions in the range where the muscle is long grew the thigh at least as much as the full range, and more than the short one.',
    inWhom: 'About forty-five untrained women, twelve weeks.',
    size: 'Clear against the short range; for the chest next to nothing is known.',
    certainty: 'suggested',
    use: 'One press or fly should be hard in the stretch: a note, never more.',
    rules: ['missing-stretch'],
    figures: [],
  },
  {
    id: 'static-stretch',
    cite: 'Simic et al. 2013',
    where: 'Scand J Med Sci Sports 23:131–148',
    found: 'A static stretch right before lowered strength for a while.',
    inWhom: 'A meta-analysis of about a hundred studies.',
    size: 'About 5 %, less for short holds.',
    certainty: 'shown',
    use: 'No long static stretch before heavy work.',
    rules: ['static-stretch-first'],
    figures: [],
  },
  {
    id: 'static-stretch-dose',
    cite: 'Kay & Blazevich 2012',
    where: 'Med Sci Sports Exerc 44:154–164',
    found: 'Under half a minute nothing was lost; beyond a minute clearly.',
    inWhom: 'A review of about a hundred studies.',
    size: 'Rises with the length of the hold.',
    certainty: 'shown',
    use: 'The same.',
    rules: ['static-stretch-first'],
    figures: [],
  },
  {
    id: 'push-up-share',
    cite: 'Ebben et al. 2011',
    where: 'J Strength Cond Res 25:2891–2894',
    found: 'Share of the bodyweight on the hands in push-ups by where hands and feet stand.',
    inWhom: 'Some twenty adults on a force plate.',
    size: '.64 on the floor; .41 to .74 with hands or feet raised.',
    certainty: 'shown',
    use: 'What a push-up loads.',
    rules: [],
    figures: ['Shares of bodyweight'],
  },
  {
    id: 'sticking-region',
    cite: 'van den Tillaar & Ettema 2010',
    where: 'J Sports Sci 28:529–535',
    found:
      'In heavy benches the bar slows after a first peak of speed and is slowest a third to two fifths of the way up.',
    inWhom: 'Trained men near their max.',
    size: 'Nearly every lifter.',
    certainty: 'shown',
    use: 'Where chains and bands take from the load.',
    rules: ['lockout-over-max'],
    figures: ['Strength along the range'],
  },
];

/** Every published work the product leans on. */
export const shelf: readonly Source[] = [...works, ...programming];
