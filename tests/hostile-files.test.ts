import fc from 'fast-check';
import { expect, test } from 'vitest';
import { KINDS } from '$lib/core/kinds';
import { planFrom } from '$lib/core/tomble';
import { readProjectFile, writeProjectFile } from '$lib/formats/project-file';
import { readYarns, writeYarns } from '$lib/formats/yarn-csv';
import { newProject } from '$lib/store/projects';
import { planProject } from '$lib/store/projects';
import { anyDamaged, anyTornTable } from './support/damage';
import { medium, sampleKit } from './support/sample';
import { RED_SWATCH } from './support/swatch';

// How many of each; the long run asks for more.
const RUNS = Number(process.env.TORTURE ?? 400);
const kit = sampleKit({
  swatches: [RED_SWATCH]
});
const files = KINDS.map((kind): unknown => {
  const project = newProject(kit, kind.code, 'm');
  const planned = planProject(kit, project);
  if (!planned.ok) throw new Error(kind.code);
  const what = [
    { do: 'confirm', step: 'p0.mode' },
    { do: 'row', yarn: 'red' },
    { do: 'jump', to: 5 },
    { do: 'undo' }
  ] as const;
  const events = what.map((w) => ({ projectId: project.id, at: '2026-05-01T10:00:00.000Z', what: w }));
  return JSON.parse(writeProjectFile(project, planned.value, events));
});
const tables = [
  writeYarns([
    medium('red', '#b03020', { phases: [{ name: 'Rust', hex: '#c2552d', metres: 12 }] }),
    medium('blue', '#205080', { stockGrams: 100 })
  ]),
  'name;colour name;metres;grams;phases\nA;B;200,5;100;Rust #c2552d 12 | Sea #1f5f73 9\n',
  'name\tcolour name\tmetres\tgrams\n"A ""x"""\tB\t200\t100\n'
];

/** A reason that a person can follow: a sentence with what was received, or where a text broke off. */
const SENTENCE = /; received .+\.$|^The file |^This |quotation mark|^The first line |^The line /s;

test(`${RUNS} damaged project files: a plan or a reason that names the place, never an error`, () => {
  const count = { sound: 0, refused: 0 };
  fc.assert(
    fc.property(anyDamaged(files), (text) => {
      const read = readProjectFile(text);
      count[read.ok ? 'sound' : 'refused'] += 1;
      if (!read.ok) for (const reason of read.reasons) expect(reason).toMatch(SENTENCE);
    }),
    { numRuns: RUNS }
  );
  expect(count.refused).toBeGreaterThan(RUNS / 4);
});

test(`${RUNS} damaged requests: a plan or faults with paths, never an error`, () => {
  fc.assert(
    fc.property(anyDamaged(files), (text) => {
      let value: unknown;
      try {
        value = JSON.parse(text);
      } catch {
        return;
      }
      const planned = planFrom(value);
      if (!planned.ok) expect(planned.faults.every((f) => f.rule.startsWith('must'))).toBe(true);
    }),
    { numRuns: RUNS }
  );
});

test(`${RUNS} damaged tables of yarns: yarns or reasons with their lines, never an error`, () => {
  fc.assert(
    fc.property(anyTornTable(tables), (text) => {
      const read = readYarns(text, () => 'id');
      if (!read.ok)
        for (const fault of read.faults) {
          expect(fault.line).toBeGreaterThan(0);
          expect(fault.reason).toMatch(SENTENCE);
        }
    }),
    { numRuns: RUNS }
  );
});
