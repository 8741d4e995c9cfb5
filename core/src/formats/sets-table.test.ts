import fc from 'fast-check';
import papaparse from 'papaparse';
import { nothingSaid, performedSetSchema } from '../log';
import { cellsOfSet, setOfCells, setsHeader } from './sets-table';

const set = performedSetSchema.parse({
  ...{ id: 's', clientId: 'c', sessionId: 's', lineId: 'l', setIndex: 0, movement: 'barbell-press', rig: {} },
  ...{ doneOn: '2026-11-24', loadKg: 80, reps: 8, reserve: 2, tired: 0, repS: null, ...nothingSaid },
});
const through = (note: string) => {
  const text = papaparse.unparse([[...setsHeader], cellsOfSet({ ...set, note })]);
  const { data } = papaparse.parse<Record<string, string>>(text, { header: true });
  return { text, back: (setOfCells(data[0]!) as { note: string }).note };
};
/** The cell a spreadsheet would take for a formula. */
const isFormula = (cell: string): boolean => /^[=+\-@\t\r]/.test(cell);

test.each(['=1+1', '+5 next time', '-10 kg', '@home', '\tx', "'=quoted", "''+", "'tis fine", 'plain', ''])(
  'a note like %j is text to a spreadsheet and comes back as it was',
  (note) => {
    const cell = cellsOfSet({ ...set, note })[setsHeader.indexOf('note')]!;
    expect(isFormula(cell)).toBe(false);
    expect(through(note).back).toBe(note);
  },
);

test('any note comes back as it was', () => {
  fc.assert(
    fc.property(
      fc.string({ unit: fc.constantFrom("'", '=', '+', '-', '@', 'a', ' ', '"', ',', '\n') }),
      (note) => {
        expect(through(note).back).toBe(note);
      },
    ),
  );
});

test('what is plain is written plain', () => {
  expect(cellsOfSet({ ...set, note: 'plain, "quoted"' })[setsHeader.indexOf('note')]).toBe('plain, "quoted"');
});
