import { sampleClient, sampleContext, sampleKit } from '../examples';
import { variationsFor } from './variations';

test('each place has its own variations, the nearest that fits what is wanted first', () => {
  const strong = { ...sampleContext, client: { ...sampleClient, aim: 'strength' as const } };
  expect(variationsFor('off the chest', strong)[0]!.says).toBe('Paused bench press');
  expect(variationsFor('middle', strong).map((v) => v.says)).toContain('Floor press');
  expect(variationsFor('lockout', strong).map((v) => v.says)).toContain('Close-grip bench press');
  const size = variationsFor('lockout', sampleContext);
  const rank = (says: string, list: typeof size): number => list.findIndex((v) => v.says === says);
  expect(rank('Lying triceps extension', size)).toBeLessThan(
    rank('Lying triceps extension', variationsFor('lockout', strong)),
  );
});

test('what the gym lacks and what a limit speaks against is not proposed', () => {
  const says = (context: Parameters<typeof variationsFor>[1]): string[] =>
    variationsFor('lockout', context).map((v) => v.says);
  expect(says(sampleContext)).not.toContain('Bench press with chains');
  const chains = [{ id: 'c', name: 'Chains', kgPerMetre: 6, metres: 1.6, aSide: 1 }];
  expect(says({ ...sampleContext, kit: { ...sampleKit, chains } })).toContain('Bench press with chains');
  expect(
    says({ ...sampleContext, kit: { ...sampleKit, bars: [], rack: { count: 0, safetyArms: false } } }),
  ).not.toContain('Floor press');
  const sore = {
    ...sampleContext,
    client: { ...sampleClient, limits: [{ limit: 'shoulder front' as const, note: '' }] },
  };
  expect(variationsFor('off the chest', sore).map((v) => v.says)).not.toContain('Dip');
});
