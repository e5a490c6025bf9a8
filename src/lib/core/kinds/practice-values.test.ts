import { describe, expect, it } from 'vitest';
import { codes, made, medium, sampleKit } from '../../../../tests/support/sample';
import { asLengths } from '../kit';
import { kindOf } from '.';

/** Values that practised knitters work to: common practice, no source. */
const on = (pins: number) => sampleKit({ machine: { pins } });

describe('values of practice', () => {
  it('a preterm hat for a head of 30 cm on 22 pins: 56 rows without a turn-up, 60 to 66 with 1 cm', () => {
    const rows = (turnUpMm: number): number =>
      made('lined-hat', { headMm: 300, turnUpMm }, on(22)).fabric.pieces[0]!.work.count;
    expect(rows(0)).toBe(56);
    expect(rows(10)).toBeGreaterThanOrEqual(60);
    expect(rows(10)).toBeLessThanOrEqual(66);
  });

  it("a baby's hat on a small ring is turned up 1 cm unless the knitter says otherwise", () => {
    for (const kind of ['lined-hat', 'gathered-hat'])
      expect(made(kind, {}, on(22)).brief.options['turnUpMm'], kind).toBe(10);
  });

  it('a single hat of 40 brim rows and 25 more on 46 pins is not called short', () => {
    const hat = made('brim-hat', { sizeBy: 'rows', brimRows: 40, bodyRows: 25 }, on(46));
    expect(codes(hat)).not.toContain('tube-short');
    // A few rows fewer are.
    expect(codes(made('brim-hat', { sizeBy: 'rows', brimRows: 40, bodyRows: 21 }, on(46)))).toContain('tube-short');
  });

  it('a band hat of 40, 30 and 40 rows on 46 pins is neither too long nor too short: its band is not turned up', () => {
    const hat = made('band-hat', { sizeBy: 'sections', outsideRows: 40, bandRows: 30, liningRows: 40 }, on(46));
    expect(hat.brief.options['turnUpMm']).toBe(0);
    for (const code of ['tube-short', 'tube-long', 'band-off-fold']) expect(codes(hat)).not.toContain(code);
  });

  it('a bag of 110 rows is sewn 37 rows to 36 to 37, the odd row eased in', () => {
    const bag = made('folded-bag', { sizeBy: 'rows', rows: 110 });
    const seams = bag.worked.seams.filter(({ name }) => name.startsWith('bag'));
    expect(seams.map(({ a, b }) => [a.count, b.count])).toEqual([
      [37, 36],
      [37, 36]
    ]);
  });

  it('a thirds rule leaves the edges of a bag seam at most one row apart, whatever the rows', () => {
    for (let rows = 60; rows < 70; rows++) {
      for (const { name, a, b } of made('folded-bag', { sizeBy: 'rows', rows }).worked.seams) {
        if (name.startsWith('bag')) expect(Math.abs(a.count - b.count), `${rows} ${name}`).toBeLessThanOrEqual(1);
      }
    }
  });

  it('doubled sock yarn goes through the middle hole; a piece begun under the second edition keeps the one it has', () => {
    const sock = medium('red', '#b03020', { weightClass: 1, strands: 2, label: { metres: 417, grams: 100 } });
    const kit = sampleKit({ yarns: [sock, medium('blue', '#205080')] });
    const hole = (edition: 2 | 3): number =>
      made('lined-hat', { style: 'plain', yarn: 'red' }, { ...kit, edition }).plan.pieces[0]!.hole;
    expect([hole(2), hole(3)]).toEqual([1, 2]);
  });
});

describe('a lifted row', () => {
  it('is row 1 of the rows that follow, said at the lifting and where they are counted', () => {
    const sack = made('sack', { rows: 22 });
    const lifts = sack.steps.flatMap((step) => (step.what.say === 'rehang' ? [step.what.facts.ofRows] : []));
    expect(lifts).toEqual([22]);
    const lifted = sack.steps.flatMap((step) =>
      step.what.say === 'knit' && step.what.facts.lifts ? [step.what.facts.rows] : []
    );
    expect(lifted).toEqual([22]);
  });
});

describe('a tube top', () => {
  const acts = (options: object) => made('tube-top', options).worked.done;

  it('is for grown-ups unless said, tried on and clipped before anything goes over the shoulders', () => {
    const top = made('tube-top');
    expect(top.plan.wearer).toBe('adult');
    expect(top.plan.acts.map((act) => act.do)).toEqual([
      'rest',
      'bind',
      'wasteOff',
      'bind',
      'wasteOff',
      'tryOn',
      'cord',
      'weave'
    ]);
    expect(top.worked.done.find((did) => did.do === 'tryOn')!.facts).toMatchObject({ clips: 4 });
    expect(acts({ straps: 0 }).some((did) => did.do === 'tryOn' || did.do === 'cord')).toBe(false);
  });

  it('a halter of 70 chains passes a head of 58 cm, one of 50 does not (common practice, no source)', () => {
    const chains = (options: object) =>
      acts({ neck: 'halter', ...options }).flatMap((did) => (did.do === 'cord' ? [did.facts?.chains] : []));
    expect(chains({ headMm: 580 })).toEqual([70]);
    const short = (halterChains: number): boolean =>
      codes(made('tube-top', { neck: 'halter', headMm: 580, halterBy: 'count', halterChains })).includes(
        'halter-short'
      );
    expect([short(50), short(70)]).toEqual([true, false]);
  });
});

describe('things fixed and left to themselves', () => {
  it('a patch is sewn, or glued under a weight: then no thread is cut and no end is there to hide', () => {
    const patched = (by?: 'sewn' | 'glued') =>
      made('sack', {}, sampleKit(), {
        patches: [{ what: 'patch', piece: 0, row: 12, yarn: 'red', ...(by ? { by } : {}) }]
      }).worked;
    expect(patched().cuts.some((cut) => cut.what === 'patch')).toBe(true);
    expect(patched('glued').cuts.some((cut) => cut.what === 'patch')).toBe(false);
    expect(patched('glued').tails.length).toBe(patched().tails.length - 2);
    expect([patched('glued').refusals, patched('glued').left]).toEqual([[], []]);
  });

  it('a step of one’s own may wait overnight, and its wait takes nobody’s minutes', () => {
    const own = { ownSteps: ['Dry on a form'], ownWaits: { 'Dry on a form': 12 } };
    const waiting = made('scarf', {}, sampleKit(), own);
    const step = waiting.worked.done.find((did) => did.do === 'own')!;
    expect([step.facts, step.minutes]).toEqual([{ text: 'Dry on a form', waitH: 12 }, 0]);
  });
});

describe('schools that change order and tails', () => {
  it('joins tied at the machine and trimmed: nothing is turned or tied later, and no end of them is left to hide', () => {
    const hat = (joinBy: string) => made('lined-hat', { style: 'contrast', joinBy });
    const acts = (joinBy: string) => hat(joinBy).plan.acts.map((act) => act.do);
    expect(acts('knot').filter((act) => act === 'turn')).toHaveLength(2);
    expect(acts('machine').filter((act) => act === 'turn' || act === 'tie')).toEqual(['tie']);
    const { worked, steps } = hat('machine');
    expect([worked.refusals, worked.left]).toEqual([[], []]);
    expect(worked.tails.filter((t) => t.from === 'join').map((t) => t.fate)).toEqual(['tied', 'tied']);
    const ties = steps.flatMap((step) => step.cues ?? []).filter((cue) => cue.kind === 'tie');
    expect(ties.map((cue) => cue.facts)).toEqual([expect.objectContaining({ forGood: true })]);
  });

  it('hanging off onto a thread: while lifting, or after an empty turn', () => {
    const empty = (hangOff: string): boolean[] =>
      made('scarf', {}, sampleKit({ habits: { hangOff } })).steps.flatMap((step) =>
        step.what.say === 'hangOff' ? [step.what.facts.empty] : []
      );
    expect([empty('lifting'), empty('empty')]).toEqual([[false], [true]]);
  });

  it('a target length of the tube instead of rows: 55 cm at 2 rows a cm are 110 (common practice: 52 to 57 cm)', () => {
    const rows = (options: object): number =>
      made('lined-hat', { style: 'plain', ...options }).fabric.pieces[0]!.work.count;
    expect(rows({ sizeBy: 'length', tubeMm: 550 })).toBe(110);
    expect(rows({ sizeBy: 'length', tubeMm: 570 })).toBe(114);
  });
});

describe('check values of practised knitters (common practice, no source)', () => {
  const rows = (kind: string, options: object, pins: number): number =>
    made(kind, options, on(pins)).fabric.pieces[0]!.work.count;
  /** A yarn as it was measured: rows and stitches to 10 cm. */
  const measured = (pins: number, rows: number, stitches: number) =>
    sampleKit({
      machine: { pins },
      swatches: [1, 2, 3].map((i) => ({
        id: `s${i}`,
        machineId: 'm',
        yarnId: 'red',
        hole: 2,
        state: 'rested',
        statement: { as: 'counts', stitches, rows },
        on: `2026-05-0${i}`
      }))
    });

  it.each([
    [
      'a sack on 22 pins: channel 10, the lifting in row 11, the end at 32',
      'sack',
      { channelRows: 10, rows: 22 },
      22,
      32,
      32
    ],
    ['an ear hat: 110', 'ear-hat', {}, 48, 106, 116],
    ['a headband: 81 to 85', 'headband', {}, 48, 81, 87],
    ['a mug wrap: 45', 'mug-wrap', {}, 22, 43, 47],
    ['a wrap of 101.6 cm: 200', 'wrap', { spanMm: 1016 }, 46, 194, 206],
    ['an adult hat of one colour: 130', 'lined-hat', { style: 'plain' }, 48, 128, 138],
    ['a tube top: 105', 'tube-top', { lengthMm: 300, chestMm: 660 }, 48, 90, 120]
  ] as const)('%s', (_, kind, options, pins, low, high) => {
    expect(rows(kind, options, pins)).toBeGreaterThanOrEqual(low);
    expect(rows(kind, options, pins)).toBeLessThanOrEqual(high);
  });

  it('a bag of 110 rows on 48 pins at 19.7 rows and 13.5 stitches to 10 cm lies 56 by 18 cm when closed', () => {
    const bag = made(
      'folded-bag',
      { sizeBy: 'rows', rows: 110, style: 'plain', yarn: 'red' },
      measured(48, 19.7, 13.5)
    );
    const [piece] = bag.sizes.pieces;
    expect(piece!.lengthMm.value / 10).toBeCloseTo(56, 0);
    expect(piece!.flatWidthMm.value / 10).toBeCloseTo(18, 0);
  });

  it('its handle of 8 rows is sewn on by its folds, about 4 cm wide', () => {
    const sewn = made('folded-bag').worked.done.find((did) => did.do === 'sewOn')!;
    expect(sewn.act).toMatchObject({ runs: [{ run: 'upper' }, { run: 'lower' }], split: true });
    expect((sewn.facts as { mm: number }).mm).toBeCloseTo(40, 0);
  });

  it('stretched to 106.7 cm, a wrap of 200 rows is split again: 38 + 30.5 + 38 and 21.5 + 63.5 + 21.5 cm', () => {
    const split = kindOf('wrap')!.remeasured!({ neckMm: 305, bodyMm: 635 } as never, 200, 1067) as Record<
      string,
      number
    >;
    const cm = (n: number): number => (n * 106.7) / 200;
    expect(cm(split.neckRows!)).toBeCloseTo(30.5, -0.5);
    expect(cm(split.sleeveRows!)).toBeCloseTo(38, -0.5);
    expect(cm(split.bodyRows!)).toBeCloseTo(63.5, -0.5);
    expect(cm((200 - split.bodyRows!) / 2)).toBeCloseTo(21.5, -0.5);
  });

  it('22 stitches to 10 cm are 18.18 cm to 40, 35 rows 5.71 cm to 20', () => {
    const { cmTo40Stitches, cmTo20Rows } = asLengths({ courses: 3.5, wales: 2.2 });
    expect([cmTo40Stitches.toFixed(2), cmTo20Rows.toFixed(2)]).toEqual(['18.18', '5.71']);
    // Against 25 cm and 12 cm: factors 0.73 and 0.48; 50 stitches become 36.
    expect([(cmTo40Stitches / 25).toFixed(2), (cmTo20Rows / 12).toFixed(2)]).toEqual(['0.73', '0.48']);
    expect(Math.round((50 * cmTo40Stitches) / 25)).toBe(36);
  });

  it('65/70 and 63/70 hide the outside at the brim, 70/70 lets it peek', () => {
    const peeks = (outer: number, lining: number): boolean =>
      codes(made('lined-hat', { sizeBy: 'rows', rows: outer + lining, marginRows: lining - outer })).includes(
        'outer-peeks'
      );
    expect([peeks(65, 70), peeks(63, 70), peeks(70, 70)]).toEqual([false, false, true]);
  });

  it('a cast-on tail is 38 to 46 cm, join tails 15 to 25', () => {
    const [piece] = made('lined-hat').plan.pieces;
    const cast = piece!.operations.find((op) => op.op === 'castOn')!;
    expect(cast.tailMm).toBeGreaterThanOrEqual(380);
    expect(cast.tailMm).toBeLessThanOrEqual(460);
    for (const op of piece!.operations) if (op.op === 'knit') expect(op.joinTailMm).toBe(200);
  });
});
