import { choiceWords, type Entry, type Rig } from '../../movements';
import type { Line } from './line';
import { settingWords } from './names/words';

/** Words of the line that set the movement up, where it has such a setting. */
export function settingsIn(
  line: Line,
  isRead: readonly boolean[],
  isTaken: readonly boolean[],
  entry: Entry | null,
): { rig: Rig; found: { at: number; as: string }[] } {
  const rig: Rig = {};
  const found: { at: number; as: string }[] = [];
  if (!entry) return { rig, found };
  for (let i = 0; i < line.length; i++) {
    const setting = isRead[i] || isTaken[i] ? undefined : settingWords[line.text(i)];
    if (!setting) continue;
    const [knob, value] = setting;
    if (!entry.movement.knobs[knob]?.options.includes(value)) continue;
    Object.assign(rig, { [knob]: value });
    found.push({ at: i, as: choiceWords(knob, value) });
    if (line.is(i + 1, 'grip')) found.push({ at: i + 1, as: choiceWords(knob, value) });
  }
  return { rig, found };
}
