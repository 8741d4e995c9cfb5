import { entries, findEntry, movements } from './catalogue';
import { faults } from './faults';
import { familyIds } from './model';
import { cueList, teachingOf } from './teaching';
import { searchEntries } from './search';
import { atHome, fullRig, movementName, variantOf } from './settings';

/** What the trade calls its movements; each is a name of its own in the catalogue. */
const trade = `
Barbell bench press|Incline barbell press|Decline barbell press|Close-grip bench press|Wide-grip bench press
Reverse-grip bench press|Paused bench press|Hover-pause bench press|Pin press from the chest|Feet-up bench press
One-and-a-half bench press|Bench press with chains|Bench press with bands|Swinging-load bench press|Barbell floor press
Dumbbell bench press|Incline dumbbell press|Decline dumbbell press|Neutral-grip dumbbell press|Underhand dumbbell press
Rotating dumbbell press|Wide-to-close dumbbell press|Squeeze press|Narrow tucked dumbbell press|Dumbbell floor press
Guided-bar bench press|Guided-bar incline press|Chest press machine|Incline press machine|Decline press machine
Low-seat chest press|Kneeling landmine press|Incline landmine press|Cable press|Push-up|Deficit push-up
Feet-raised push-up|Hands-raised push-up|Narrow push-up|Widening push-up ladder|Push-up plus|Chest dip|Triceps dip
Machine dip|Assisted dip|Dumbbell fly|Incline dumbbell fly|Decline dumbbell fly|Dumbbell floor fly
Cable fly, shoulder height|Cable fly, high to low|Cable fly, low to high|Supported cable fly
Single-arm cable crossover|Machine fly|Dumbbell pullover|Underhand front raise|Standing barbell press
Seated barbell press|Push press|Seated dumbbell press|Standing dumbbell press|Neutral-grip overhead dumbbell press
Machine overhead press|Guided-bar overhead press|Single-arm dumbbell press|Behind-the-neck press
Dumbbell lateral raise|Seated lateral raise|One-and-a-half lateral raise|Cable lateral raise|Machine lateral raise
Lying side raise|Front raise|Wide upright row|Wide-elbow row|Bent-over rear raise|Incline rear raise
Cable rear-delt fly|Reverse machine fly|Face pull|W-to-Y press|Shrug|Lying triceps extension
Overhead triceps extension|Single-arm overhead extension|Triceps pushdown|Cross-body cable extension|Kickback
Easy cardio|Shoulder pass-through|Band pull-apart|Band face pull|External rotation, cable or band
External rotation, elbow on knee|Side-lying external rotation|Standing dumbbell rotation|Wall slide
Push-up, easy set|Dumbbell curl|Two-hand dumbbell curl|Incline dumbbell curl|Barbell curl`
  .trim()
  .split(/[|\n]/);

test('every movement of the trade has its name, every family is served, ids are unique', () => {
  const names = new Set(entries.map((e) => e.name));
  expect(trade.filter((name) => !names.has(name))).toEqual([]);
  expect(trade.length).toBeGreaterThan(95);
  expect(new Set(movements.map((m) => m.family))).toEqual(new Set(familyIds));
  expect(new Set(entries.map((e) => e.id)).size).toBe(entries.length);
  expect(names.size).toBe(entries.length);
  expect(new Set(movements.map((m) => m.id)).size).toBe(movements.length);
});

test.each(entries.map((e) => [e.id, e] as const))('%s is taught completely', (_, e) => {
  const taught = teachingOf(e.movement, e.rig);
  expect(e.aliases.length).toBeGreaterThan(0);
  const cues = cueList(taught.cues);
  expect(cues.length).toBeGreaterThanOrEqual(4);
  for (const text of [...cues, taught.chooseWhen, e.name, e.movement.station])
    expect(text.trim()).not.toBe('');
  for (const cue of cues) expect(cue.length).toBeLessThanOrEqual(100);
  expect(taught.faultIds.length).toBeGreaterThanOrEqual(2);
  for (const id of taught.faultIds)
    for (const text of [faults[id]!.seen, faults[id]!.cost, faults[id]!.fix]) expect(text).not.toBe('');
  const [lo, hi] = atHome(e.movement, e.rig).homeReps;
  expect(lo).toBeLessThanOrEqual(hi);
  if (taught.disputed !== undefined) expect(taught.disputed.length).toBeGreaterThan(20);
});

test('only what is off by default is kept back', () => {
  expect(entries.filter((e) => variantOf(e.movement, e.rig).offByDefault).map((e) => e.id)).toEqual([
    'behind-neck-press',
  ]);
});

test.each(entries.map((e) => [e.id, e] as const))('the settings of %s lead back to its own name', (_, e) => {
  expect(variantOf(e.movement, e.rig).id).toBe(e.id);
  expect(fullRig(e.movement, e.rig)).toEqual(e.rig);
});

test('turning the bench renames the line', () => {
  const press = findEntry('dumbbell-bench-press')!.movement;
  expect([0, 30, 75].map((benchDeg) => movementName(press, { benchDeg }))).toEqual([
    'Dumbbell bench press',
    'Incline dumbbell press',
    'Seated dumbbell press',
  ]);
});

test.each([
  ['incline db press', 'incline-dumbbell-press'],
  ['hex press', 'squeeze-press'],
  ['cgbp', 'close-grip-bench-press'],
  ['dips', 'chest-dip'],
  ['curls', 'dumbbell-curl'],
  ['skullcrusher', 'lying-triceps-extension'],
  ['bench', 'barbell-bench-press'],
  ['pec deck', 'machine-fly'],
  ['lat raise', 'dumbbell-lateral-raise'],
  ['smith incline', 'guided-bar-incline-press'],
  ['cable flye high to low', 'cable-fly-high-to-low'],
  ['overhed press', 'standing-barbell-press'],
  ['pushups', 'push-up'],
])('%p finds %s', (asked, id) => expect(searchEntries(asked)[0]!.entry.id).toBe(id));

test('nonsense finds nothing', () => expect(searchEntries('qwzx')).toEqual([]));
