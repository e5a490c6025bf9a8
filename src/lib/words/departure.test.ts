import { expect, test } from 'vitest';
import { hat, made, sampleKit } from '../../../tests/support/sample';
import { Machine, Terms } from '$lib/core/kit';
import { workOf } from '$lib/core/knit';
import { departure } from '$lib/core/read';
import { departureWords } from './departure';

const kit = { ...sampleKit(), machines: [48, 40].map((pins) => Machine.parse({ id: `m${pins}`, name: 'Ring', pins })) };
const plain = { style: 'plain', yarn: 'red', liningYarn: 'red', sizeBy: 'rows', rows: 120 };

test('a departure says what and where, in the words and counts of hands', () => {
  const [red, blue] = [hat(plain, kit), hat({ ...plain, yarn: 'blue' }, kit)];
  expect(departureWords(departure(red, blue, 41)!, kit)).toEqual({
    title: 'These rows are knitted in another yarn.',
    where: 'Row 1 is Yarn red, red; the plan would say Yarn blue, blue.'
  });
  const short = hat({ ...plain, rows: 80 }, kit);
  expect(departureWords(departure(red, short, 90)!, kit).where).toBe(
    '90 rows of the work are knitted; the plan would end after 80.'
  );
});

test('waste is never counted, and the words are the knitter’s own', () => {
  const [before, after] = ['m48', 'm40'].map((machineId) => made('headband', {}, kit, { machineId }));
  const { before: waste } = workOf(before!.fabric.pieces[0]!);
  const terms = Terms.parse({ row: 'round', pin: 'needle' });
  const said = departureWords(departure(before!, after!, waste + 2)!, kit, { units: 'metric', terms });
  expect(said).toEqual({
    title: 'This piece hangs on another machine.',
    where: '2 rounds of the work are knitted on Ring.'
  });
});
