import { entries } from '../movements';
import { creditsOf } from '../mechanics';
import { expectPinned } from '../testing/pinned';
import { segmentsOf, shareOfStature } from './body';
import {
  groupCredit,
  groupIds,
  groupNames,
  leadVoice,
  noGroups,
  regionIds,
  regions,
  voiceCredit,
  voiceIds,
  voiceNames,
} from './regions';

test('bodies and regions are what they were', () => {
  expectPinned(import.meta.dirname, 'anatomy', {
    shareOfStature,
    bodies: [1.5, 1.75, 2.05].flatMap((statureM) => [
      segmentsOf({ statureM, massKg: 60 }),
      segmentsOf({ statureM, massKg: 120, biacromialM: 0.45 }),
    ]),
    names: [regionIds, regions, groupIds, groupNames, voiceIds, voiceNames, noGroups()],
    ...Object.fromEntries(
      entries.map((e) => {
        const credits = creditsOf(e.movement, e.rig);
        return [
          e.id,
          [
            leadVoice(credits),
            voiceIds.map((v) => voiceCredit(credits, v)),
            groupIds.map((g) => groupCredit(credits, g)),
          ],
        ];
      }),
    ),
  });
});
