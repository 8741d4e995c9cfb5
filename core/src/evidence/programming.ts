import type { Source } from './model';

/** Works on what is chosen and how much of it. */
export const programming: readonly Source[] = [
  {
    id: 'heavier-bar',
    cite: 'Król & Gołaś 2017',
    where: 'J Strength Cond Res 31:1321–1337',
    found:
      'As the bar in the bench press went from moderate to the max, triceps and front delt took more of the work and the chest gained least.',
    inWhom: 'About twenty trained men, one session at four loads.',
    size: 'The triceps half as active again at the max; the chest hardly more.',
    certainty: 'likely',
    use: 'Lockout work for heavy singles, and chest work at moderate loads. Activity is not growth.',
    rules: [],
    figures: ['Who does the work near the max'],
  },
  {
    id: 'bar-and-bells',
    cite: 'Saeterbakken et al. 2011',
    where: 'J Sports Sci 29:533–538',
    found:
      'At the six-repetition max the chest was about as active with a bar, with a guided bar and with dumbbells; the triceps was less so with dumbbells.',
    inWhom: 'A dozen trained men, one session.',
    size: 'Dumbbells about a sixth lighter than the bar; the triceps about a third less active.',
    certainty: 'likely',
    use: 'Bells in place of a bar are the same job for the chest and less for the triceps.',
    rules: ['redundant-presses'],
    figures: ['Dumbbells against a bar'],
  },
  {
    id: 'judging-reserve',
    cite: 'Halperin et al. 2022',
    where: 'Sports Med 52:377–390',
    found:
      'Lifters say they have about one repetition less left than they have; nearer the end and in shorter sets they are closer.',
    inWhom: 'A review of a dozen studies, trained and untrained.',
    size: 'About one repetition on average, more in long sets.',
    certainty: 'shown',
    use: 'What is told after a set counts less the more was left, and each client’s own habit is learnt.',
    rules: [],
    figures: ['How far a told reserve is believed'],
  },
  {
    id: 'many-sets',
    cite: 'Baz-Valle et al. 2022',
    where: 'J Hum Kinet 81:199–210',
    found:
      'More than twenty sets a week beat twelve to twenty for the triceps, and not for the thigh or the biceps.',
    inWhom: 'A review of seven studies, trained adults.',
    size: 'Small; few studies a muscle.',
    certainty: 'open',
    use: 'Weekly bands end about there; above them a coach needs a reason, not a warning.',
    rules: [],
    figures: ['Sets of a week over twenty'],
  },
  {
    id: 'how-often',
    cite: 'Schoenfeld et al. 2019',
    where: 'J Sports Sci 37:1286–1295',
    found: 'With the sets of a week equal, training a muscle once or more often grew it alike.',
    inWhom: 'A meta-analysis of twenty-five studies.',
    size: 'No clear difference.',
    certainty: 'open',
    use: 'Two days for a muscle are a way to place its sets, not a gain of their own.',
    rules: [],
    figures: ['A muscle on two days'],
  },
  {
    id: 'isolation-adds-nothing',
    cite: 'Gentil et al. 2013',
    where: 'Appl Physiol Nutr Metab 38:341–344',
    found:
      'Arm isolation added to presses and pulls brought no more arm size than the presses and pulls alone.',
    inWhom: 'About thirty untrained young men, ten weeks.',
    size: 'No clear difference in that time.',
    certainty: 'open',
    use: 'One side of the dispute: isolation is the first to go when the hour is short. The other is the long head, which presses alone hardly grew.',
    rules: [],
    figures: ['What isolation adds'],
  },
];
