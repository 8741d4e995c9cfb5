import { gearOf, loadCurve, tightestOf } from '@drimbo/core/loads';
import { findEntry } from '@drimbo/core/movements';
import { kgFromLb } from '@drimbo/core/units';
import { render, screen } from '@testing-library/react';
import { LoadCurve } from './load-curve';
import { PlateSleeve } from './plate-sleeve';
import { TrendLine } from './trend-line';

describe('a sleeve with its plates', () => {
  test('every plate is there with its figure, the heaviest inside', () => {
    const { container } = render(
      <PlateSleeve
        unit="kg"
        perSide={[
          { kg: 20, count: 2 },
          { kg: 1.25, count: 1 },
        ]}
      />,
    );
    expect(screen.getByRole('img', { name: 'On each side, from the inside: 20, 20, 1.25 kg' })).toBeTruthy();
    expect([...container.querySelectorAll('text')].map((t) => t.textContent)).toEqual(['20', '20', '1.25']);
    const lefts = [...container.querySelectorAll('g rect')].map((r) => Number(r.getAttribute('x')));
    expect(lefts).toEqual([...lefts].sort((a, b) => a - b));
  });

  test('pound plates say pounds in a kilogram gym', () => {
    render(<PlateSleeve unit="kg" perSide={[{ kg: Number(kgFromLb(45).toFixed(4)), count: 1 }]} />);
    expect(screen.getByRole('img', { name: 'On each side, from the inside: 45 lb' })).toBeTruthy();
    expect(screen.getByText('45 lb')).toBeTruthy();
  });

  test('an empty bar says so', () => {
    render(<PlateSleeve unit="kg" perSide={[]} />);
    expect(screen.getByRole('img', { name: 'The bar alone' })).toBeTruthy();
  });
});

test('the load curve tells in words what it draws', () => {
  const { movement, rig } = findEntry('bench-press-with-chains')!;
  const gear = gearOf({ chains: [{ id: 'c', name: 'c', kgPerMetre: 10, metres: 2, aSide: 1 }] });
  const curve = loadCurve(movement, rig, 90, { statureM: 1.8, massKg: 85 }, gear, 120);
  const { container } = render(<LoadCurve curve={curve} barKg={90} added="chains" unit="kg" widthPx={300} />);
  const tight = tightestOf(curve);
  const percent = Math.round((100 * tight.loadKg) / tight.canKg);
  expect(screen.getByRole('img').getAttribute('aria-label')).toContain(`${percent} % of the`);
  expect(screen.getByText(new RegExp(`${percent} % of what could just be held there`))).toBeTruthy();
  expect(container.querySelectorAll('path')).toHaveLength(3);
});

test.each(['kg', 'lb'] as const)('the marks beside a load curve are round in %s', (unit) => {
  const { movement, rig } = findEntry('bench-press-with-chains')!;
  const curve = loadCurve(movement, rig, 95, { statureM: 1.75, massKg: 80 }, gearOf({}), 120);
  const { container } = render(
    <LoadCurve curve={curve} barKg={95} added="chains" unit={unit} widthPx={300} />,
  );
  const marks = [...container.querySelectorAll('svg text')]
    .map((t) => Number(t.textContent))
    .filter(Number.isFinite);
  expect(marks.length).toBeGreaterThan(1);
  for (const mark of marks) expect(mark % 10).toBe(0);
});

describe('a small line of a max', () => {
  test('says where it came from and where it is', () => {
    render(
      <TrendLine
        unit="kg"
        points={[
          { date: '2026-09-01', kg: 100, spread: 0.05 },
          { date: '2026-11-24', kg: 107.5, spread: 0.03 },
        ]}
      />,
    );
    expect(
      screen.getByRole('img', { name: 'From 100 kg on 1 September 2026 to 107.5 kg today' }),
    ).toBeTruthy();
  });

  test('one point is no line', () => {
    const { container } = render(
      <TrendLine unit="kg" points={[{ date: '2026-11-24', kg: 100, spread: 0.05 }]} />,
    );
    expect(container.innerHTML).toBe('');
  });
});
