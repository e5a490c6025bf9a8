import type { Kit } from '$lib/core/kit';
import type { Brief } from '$lib/core/plan';
import { plan } from '$lib/core/tomble';
import type { Measure } from './measure';
import { begun, large, small, striped } from './pieces';
import { inTurns, type Timed } from './turns';

/** The bare loop the design compares with: an array of 450 x 48 numbers, each worked out. */
function bareLoop(): number {
  const cells = new Float64Array(450 * 48);
  for (let row = 0; row < 450; row++) {
    for (let pin = 0; pin < 48; pin++) cells[row * 48 + pin] = Math.sqrt(row * 48 + pin) + (pin % 7) * 0.5;
  }
  return cells[cells.length - 1]!;
}

/** A plan as it is made after an edit: the brief is another one every time, so that nothing may be remembered of it. */
const planning = (kit: Kit, brief: Brief, calls: number): Timed => ({
  work: () => plan(kit, { ...brief, options: { ...brief.options } }),
  calls
});

/** Planning against the bare loop: 450 rows, the costliest kind, growth with rows, and a kit of many years. */
export function planMeasures(): Measure[] {
  const piece = planning(small, striped(450), 4);
  const [loop, whole, short, long] = inTurns(
    [{ work: bareLoop, calls: 20 }, piece, planning(small, striped(1000), 4), planning(small, striped(10_000), 1)],
    300
  );

  // Every kind has its turns; the slowest three are then timed longer, against the same piece. Their turns are as long as its:
  // a longer one is disturbed more often, and its least would be told too high.
  const first = inTurns(
    begun.map((brief) => planning(small, brief, 2)),
    40
  );
  const slowest = begun
    .map((brief, i) => ({ brief, least: first[i]!.least }))
    .sort((a, b) => b.least - a.least)
    .slice(0, 3);
  const [again, ...kinds] = inTurns([piece, ...slowest.map(({ brief }) => planning(small, brief, 2))], 1000);
  const costliest = kinds.map((times, i) => ({ ...times, code: slowest[i]!.brief.kind }));
  const worst = costliest.reduce((a, b) => (b.least > a.least ? b : a));

  const hat = begun.find((brief) => brief.kind === 'lined-hat')!;
  const kits = [small, large(10_000, false), large(10_000, true)];
  const [few, many, same] = inTurns(
    kits.map((kit) => planning(kit, hat, 1)),
    200
  );

  return [
    {
      what: 'plan of 450 rows on 48 pins, striped, everything read, in bare loops over 450 x 48',
      least: whole!.least / loop!.least,
      median: whole!.median / loop!.median,
      limit: 4
    },
    {
      what: `costliest kind as it begins (${worst.code}), in plans of 450 rows`,
      least: worst.least / again!.least,
      median: worst.median / again!.median,
      limit: 2
    },
    {
      what: 'time of a row of 10,000, in times of a row of 1,000',
      least: long!.least / 10 / short!.least,
      median: long!.median / 10 / short!.median,
      limit: 1.1
    },
    {
      what: 'plan with 10,000 yarns, swatches and finished pieces in the kit, in plans with a small kit',
      least: many!.least / few!.least,
      median: many!.median / few!.median,
      limit: 1.5
    },
    {
      what: 'the same with all swatches and pieces of the yarns that are used',
      least: same!.least / few!.least,
      median: same!.median / few!.median,
      limit: 1.5
    }
  ];
}
