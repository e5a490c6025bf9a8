import { expect, test } from 'vitest';
import { made, sampleKit } from '../../../tests/support/sample';
import { RED_SWATCH } from '../../../tests/support/swatch';
import { planText } from './plan-text';

const kit = sampleKit();
const { brief } = made('blanket', {}, kit);
const reasonOf = (text: string): string => {
  const { status, body } = planText(text);
  expect(status).toBe(400);
  return (JSON.parse(body) as { faults: { reason: string }[] }).faults[0]!.reason;
};

test('a sound request is answered whole', () => {
  const { status, body } = planText(JSON.stringify({ kit, brief }));
  expect(status).toBe(200);
  expect(JSON.parse(body)).toHaveProperty('steps');
});

test('500 bytes that ask for a plan without end', () => {
  const stripes = [{ yarn: 'red', rows: 1 }];
  const options = { ...brief.options, sizeBy: 'rows', rows: 5000, blocks: 4, sections: stripes };
  const text = JSON.stringify({
    kit: { machines: [{ id: 'm', name: 'W', pins: 200 }], yarns: kit.yarns },
    brief: { ...brief, options }
  });
  expect(reasonOf(text)).toMatch(
    /^brief\.options must ask for at most \d+ (stitches|sections and shapings|rows in all)/
  );
});

test('lists within lists within lists', () => {
  const deep = `${'['.repeat(50_000)}1${']'.repeat(50_000)}`;
  expect(reasonOf(deep)).toBe('The body must nest lists and objects at most 64 deep; received more.');
  expect(reasonOf(`{"kit":${'{"a":'.repeat(70)}1${'}'.repeat(70)}}`)).toContain('at most 64 deep');
  // Brackets in a text are letters.
  expect(reasonOf(JSON.stringify({ kit: '['.repeat(500), brief: '\\"[' }))).toMatch(/^kit must be an object/);
});

test('more measurements than anybody has', () => {
  const swatches = Array.from({ length: 150 }, (_, i) => ({
    ...RED_SWATCH,
    id: `s${i}`,
    more: Array(20).fill(RED_SWATCH.statement)
  }));
  expect(reasonOf(JSON.stringify({ kit: { ...kit, swatches }, brief }))).toBe(
    'kit must hold at most 2000 measurements, swatches and finished pieces together; received 3150.'
  );
});

test('a list that is wrong all over is answered in a few faults', () => {
  const { status, body } = planText(JSON.stringify({ kit: { ...kit, yarns: Array(900).fill({}) }, brief }));
  expect(status).toBe(400);
  expect((JSON.parse(body) as { faults: unknown[] }).faults).toHaveLength(100);
});

test.each<[string, object, string]>([
  [
    'yarns',
    { kit: { ...kit, yarns: Array(1001).fill(kit.yarns[0]) }, brief },
    'kit.yarns must hold at most 1000 entries; received 1001.'
  ],
  [
    'machines',
    { kit: { ...kit, machines: Array(101).fill(kit.machines[0]) }, brief },
    'kit.machines must hold at most 100 entries; received 101.'
  ],
  ['faults', { kit, brief, faults: Array(101).fill({}) }, 'faults must hold at most 100 entries; received 101.'],
  [
    'choices',
    { kit, brief: { ...brief, options: Object.fromEntries(Array.from({ length: 401 }, (_, i) => [`k${i}`, i])) } },
    'brief.options must hold at most 400 choices; received 401.'
  ],
  [
    'names',
    { kit, brief, more: Array(40_000).fill({ a: 1 }) },
    'The body must hold at most 40000 values with a name; received 40'
  ]
])('more %s than anybody has', (_what, request, reason) => {
  expect(reasonOf(JSON.stringify(request))).toContain(reason);
});
