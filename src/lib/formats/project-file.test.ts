import Ajv2020 from 'ajv/dist/2020.js';
import addFormats from 'ajv-formats';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyKitAndBrief } from '../../../tests/support/arbitrary';
import { hat, made, medium, sampleKit } from '../../../tests/support/sample';
import { tryPlan } from '$lib/core/tomble';
import { newProject } from '$lib/store/projects';
import { FILE_VERSION, LARGEST_FILE, projectSchema, readProjectFile, writeProjectFile } from './project-file';

const NOW = new Date('2026-11-05T08:00:00Z');
const kit = sampleKit();
const project = newProject(kit, 'lined-hat', 'm', NOW);
const result = hat();
const text = writeProjectFile({ ...project, brief: result.brief }, result, [], NOW);
const reasons = (file: string): string => {
  const read = readProjectFile(file);
  return read.ok ? 'read' : read.reasons.join(' | ');
};
/** The file with one value put in at a path. */
function withValue(path: (string | number)[], value: unknown): string {
  const file: unknown = JSON.parse(text);
  const key = path.at(-1)!;
  const parent = path.slice(0, -1).reduce<unknown>((at, k) => (at as Record<string | number, unknown>)[k], file);
  (parent as Record<string | number, unknown>)[key] = value;
  return JSON.stringify(file);
}

describe('project file', () => {
  it('comes back as it went, for any kit and brief', () => {
    fc.assert(
      fc.property(anyKitAndBrief, ({ kit, brief }) => {
        const planned = tryPlan(kit, brief);
        if (!planned.ok) return;
        const file = writeProjectFile({ ...project, brief }, planned.value, [], NOW);
        const read = readProjectFile(file);
        if (!read.ok) throw new Error(read.reasons.join(' '));
        expect(read.file.brief).toEqual(brief);
        expect(read.result.sizes).toEqual(planned.value.sizes);
        expect(read.result.steps).toEqual(planned.value.steps);
      }),
      { numRuns: 120 }
    );
  });

  it('falls on the same yarn where all stripes were taken out, though stocks do not travel', () => {
    const yarns = [medium('few', '#b03020', { stockGrams: 50 }), medium('many', '#205080', { stockGrams: 900 })];
    const swatches = [{ id: 's', machineId: 'm', yarnId: 'few', strands: 1, hole: 2, state: 'rested', statement: { as: 'counts', stitches: 9, rows: 13 }, on: '2026-05-01' }]; // prettier-ignore
    const blanket = made('blanket', { sections: [] }, sampleKit({ yarns, swatches }));
    const read = readProjectFile(writeProjectFile({ ...project, brief: blanket.brief }, blanket, [], NOW));
    if (!read.ok) throw new Error(read.reasons.join(' '));
    expect(read.result.fabric.yarns).toEqual(['few']);
    expect(read.result.sizes).toEqual(blanket.sizes);
  });

  it('carries only the machines, yarns and swatches the plan stands on', () => {
    const read = readProjectFile(text);
    expect(read.ok && read.file.kit.yarns.map((y) => y.id).sort()).toEqual(['blue', 'red']);
    const plain = hat({ style: 'plain', yarn: 'red', liningYarn: 'red', sections: [{ yarn: 'red', rows: 3 }] });
    const small = readProjectFile(writeProjectFile({ ...project, brief: plain.brief }, plain, [], NOW));
    expect(small.ok && small.file.kit.yarns.map((y) => y.id)).toEqual(['red']);
  });

  it('refuses a count beyond the piece, and says where it ends', () => {
    expect(reasons(withValue(['actions'], [{ do: 'jump', to: 1_000_000 }]))).toMatch(
      /^actions\[0\]\.to must be at most \d+, the rows of the piece; received 1000000\.$/
    );
    const long = [{ projectId: 'x', at: NOW.toISOString(), what: { do: 'jump', to: 5000 } }] as const;
    const own = readProjectFile(writeProjectFile({ ...project, brief: result.brief }, result, long, NOW));
    expect(own.ok && own.file.actions).toEqual([{ do: 'jump', to: result.fabric.pieces[0]!.rows }]);
  });

  it('refuses more than ever happens at one crank', () => {
    const undos = Array.from({ length: 1_000_000 }, () => ({ do: 'undo' }));
    expect(reasons(withValue(['actions'], undos))).toMatch(
      /^actions must have at most 200000 entries|^The file must be/
    );
  });

  it('reads a file that begins with a byte order mark', () => expect(reasons(`\uFEFF${text}`)).toBe('read'));

  it.each<[string, string, RegExp]>([
    ['an empty file', '', /^The file is not whole.*received nothing\.$/],
    ['a file cut short', text.slice(0, 400), /^The file is not whole.*must be JSON; received "\{/],
    ['a picture', '\u0089PNG\r\n', /^The file is not whole/],
    ['a foreign file', '{"format":"atlas","version":1}', /format must be "tomble-project"; received "atlas"\./],
    ['some other JSON', '[1,2]', /format must be "tomble-project"; received a file without one\./],
    [
      'a newer file',
      withValue(['version'], FILE_VERSION + 1),
      new RegExp(`version must be at most ${FILE_VERSION}; received ${FILE_VERSION + 1}\\. Update Tomble`)
    ],
    ['an older file than any', withValue(['version'], 0), /^version must be one of 1; received 0\.$/],
    [
      'no pins',
      withValue(['kit', 'machines', 0, 'pins'], 0),
      /kit\.machines\[0\]\.pins must be at least 4; received 0\./
    ],
    ['a huge head', withValue(['brief', 'options', 'headMm'], 5000), /headMm must be at most 800; received 5000\./],
    ['text for rows', withValue(['brief', 'options', 'rows'], 'many'), /rows must be a number; received "many"\./],
    [
      'an unknown kind',
      withValue(['brief', 'kind'], 'carpet'),
      /brief\.kind must be one of lined-hat, .*; received "carpet"\./
    ],
    [
      'a colour that is none',
      withValue(['kit', 'yarns', 0, 'colour', 'hex'], 'red'),
      /hex must be a colour such as #c2552d; received "red"\./
    ]
  ])('refuses %s with field, rule and what came in', (_what, file, sentence) =>
    expect(reasons(file)).toMatch(sentence)
  );

  it('refuses a file too large before it is parsed', () => {
    expect(reasons('x'.repeat(LARGEST_FILE + 1))).toMatch(/^The file must be at most 16 MiB; received 16\.0 MiB\.$/);
  });

  it('names a few faults of a file full of them, not all', () => {
    const yarns = Array.from({ length: 500 }, () => ({}));
    const read = readProjectFile(withValue(['kit', 'yarns'], yarns));
    expect(read.ok === false && read.reasons.length).toBe(8);
  });
});

describe('published schema', () => {
  // JSON Schema draft 2020-12, checked by an independent validator.
  const ajv = new Ajv2020({ strict: false });
  addFormats(ajv);
  const validate = ajv.compile(projectSchema());

  it('accepts what Tomble writes', () => {
    expect(validate(JSON.parse(text)), JSON.stringify(validate.errors)).toBe(true);
  });

  it.each<[string, (string | number)[], unknown]>([
    ['another format', ['format'], 'atlas'],
    ['no pins', ['kit', 'machines', 0, 'pins'], 0],
    ['a colour that is none', ['kit', 'yarns', 0, 'colour', 'hex'], 'red'],
    ['a date that is none', ['exportedAt'], 'yesterday']
  ])('refuses %s, as the reader does', (_what, path, value) => {
    const file = withValue(path, value);
    expect(validate(JSON.parse(file))).toBe(false);
    expect(reasons(file)).not.toBe('read');
  });
});
