import type { Body } from '../../anatomy';
import { clamp, evenly } from '../../units';

/** A body with loads and settings drawn for it. Kilograms; grips in biacromial breadths, degrees. */
export interface Person {
  body: Body;
  barKg: number;
  bellKg: number;
  raiseKg: number;
  grip: number;
  tuck: number;
  closeTuck: number;
  bellTuck: number;
  bellBench: number;
  bellBarGrip: number;
  overheadTucks: number[];
  gripTuck: number;
  gripBench: number;
  inclineGrip: number;
  inclineBench: number;
  floorTuck: number;
}

const SEED = 20260101;

/** Bodies of 1.50 to 2.05 m and 50 to 130 kg with a measured breadth, each with loads and settings of its own. */
export function people(count: number): Person[] {
  const next = evenly(SEED);
  const between = (a: number, b: number): number => a + (b - a) * next();
  const gauss = (): number => Math.sqrt(-2 * Math.log(1 - next())) * Math.cos(2 * Math.PI * next());
  const bodies: Body[] = [];
  while (bodies.length < count) {
    const statureM = between(1.5, 2.05);
    const massKg = between(50, 130);
    const bmi = massKg / statureM ** 2;
    if (bmi < 17 || bmi > 45) continue;
    bodies.push({ statureM, massKg, biacromialM: clamp(0.229 + 0.01 * gauss(), 0.205, 0.255) * statureM });
  }
  return bodies.map((body) => ({
    body,
    barKg: body.massKg * between(0.3, 1.2),
    bellKg: body.massKg * between(0.08, 0.35),
    raiseKg: body.massKg * between(0.03, 0.15),
    grip: between(1.2, 2),
    tuck: between(45, 80),
    closeTuck: between(30, 50),
    bellTuck: between(45, 75),
    bellBench: between(0, 40),
    bellBarGrip: between(1.2, 1.8),
    overheadTucks: Array.from({ length: 6 }, () => between(40, 70)),
    gripTuck: between(45, 80),
    gripBench: between(-15, 45),
    inclineGrip: between(1.3, 2),
    inclineBench: between(20, 45),
    floorTuck: between(40, 80),
  }));
}
