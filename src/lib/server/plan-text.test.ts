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
  expect(reasonOf(text)).toMatch(/^brief\.options must ask for at most \d+ (stitches|sections and shapings)/);
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
  const { status, body } = planText(JSON.stringify({ kit: { ...kit, yarns: Array(20_000).fill({}) }, brief }));
  expect(status).toBe(400);
  expect((JSON.parse(body) as { faults: unknown[] }).faults).toHaveLength(100);
});
