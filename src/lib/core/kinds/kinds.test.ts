import { describe, expect, it } from 'vitest';
import { made, medium, sampleKit } from '../../../../tests/support/sample';
import { demoKit } from '../../demo/kit';
import { presetFor, type Kit } from '../kit';
import { Brief } from '../plan';
import { showFigure } from '../quantity';
import { told } from '../../../../tests/support/said';
import { actSketch } from '$lib/draw/acts';
import { figureName, kindTitle, speak } from '$lib/words';
import { allRows, finishedSketch, lengthMmOf } from '../read';
import { plan, type Result } from '../tomble';
import { FAMILIES, KINDS, machinesFor } from './index';

const onRing = (pins: number, more: object = {}): Kit => {
  const { counter, tensionHoles } = presetFor(pins, 'm', 'Ring');
  return sampleKit({ machine: { pins, counter, tensionHoles }, ...more });
};
const only = <D extends string>(result: Result, doing: D) => result.worked.done.filter((d) => d.do === doing);

/** One project of every kind as it stands when it is begun on the demo's machines. */
function summary(kind: (typeof KINDS)[number]): string {
  const fits = machinesFor(kind, demoKit)[0]!;
  const brief = Brief.parse({
    kind: kind.code,
    name: kindTitle(kind.code),
    machineId: fits.id,
    options: kind.start(demoKit, fits.id)
  });
  const r = plan(demoKit, brief);
  const { units } = demoKit.habits;
  const pieces = r.sizes.pieces.map(
    (p, i) =>
      `  ${p.copies > 1 ? `${p.copies} x ` : ''}${p.label}: ${p.rows} rows on ${r.fabric.pieces[i]!.width} pins, ${showFigure(p.lengthMm, units)} x ${showFigure(p.flatWidthMm, units)}`
  );
  const finished = r.sizes.finished.map((f) => `  ${figureName(f)}: ${showFigure(f.figure, units)}`);
  const yarn = r.yarnUse.map(
    (use) => `  ${use.name}: ${showFigure(use.metres, units)}, ${showFigure(use.grams, units)}`
  );
  const findings = r.findings.map((f) => `  ${f.weight}: ${speak(r).finding(f)}`);
  return [
    `${kindTitle(kind.code)} (${kind.code}) on ${fits.name}, ${fits.pins} pins`,
    ...pieces,
    ...finished,
    ...yarn,
    `  ${r.steps.length} steps, ${allRows(r)} rows in all, ${showFigure(r.pace.all, units)}`,
    ...findings
  ].join('\n');
}

describe('every kind', () => {
  it('makes what the golden summary says; a change updates it on purpose (vitest -u)', async () => {
    await expect(`${KINDS.map(summary).join('\n\n')}\n`).toMatchFileSnapshot('../../../../tests/golden/kinds.txt');
  });

  it('stands on a shelf that exists and is named once', () => {
    const shelves = new Set<string>(FAMILIES);
    for (const kind of KINDS) expect(shelves.has(kind.family), kind.code).toBe(true);
    expect(new Set(KINDS.map((k) => k.code)).size).toBe(KINDS.length);
    expect(new Set(KINDS.map((k) => kindTitle(k.code))).size).toBe(KINDS.length);
  });

  it('begins without anything that stops it, on a ring it is made for', () => {
    for (const kind of KINDS) {
      const pins = [22, 48].find((n) => n >= kind.pins.from && n <= kind.pins.to)!;
      const stops = made(kind.code, {}, onRing(pins)).findings.filter((f) => f.weight === 'stop');
      expect(stops, kind.code).toEqual([]);
    }
  });

  it('has a picture of the finished thing', () => {
    for (const kind of KINDS) {
      const result = made(kind.code);
      const drawn = (finishedSketch(result)?.shapes.length ?? 0) + (result.outline.worn?.outer.length ?? 0);
      expect(drawn, kind.code).toBeGreaterThan(0);
    }
  });
});

// Rules of thumb of the trade (craft 7): common practice, no source.
describe('rules of thumb', () => {
  it('a bag of 110 rows on 48 pins closes to about 55 x 18 cm', () => {
    const [bag] = made('folded-bag', { sizeBy: 'rows', rows: 110 }).sizes.pieces;
    expect(bag!.lengthMm.value).toBeCloseTo(550, 6);
    expect(bag!.flatWidthMm.value).toBeGreaterThan(170);
    expect(bag!.flatWidthMm.value).toBeLessThan(185);
  });

  it('the rule of 3 : 1 makes that bag near 110 rows', () => {
    const [bag] = made('folded-bag').sizes.pieces;
    expect(Math.abs(bag!.rows - 110)).toBeLessThanOrEqual(6);
  });

  it('an ear hat is near 110 rows', () => {
    const [hat] = made('ear-hat', { headMm: 560 }).sizes.pieces;
    expect(Math.abs(hat!.rows - 110)).toBeLessThanOrEqual(12);
  });

  it.each([340, 400, 450])('a scarf of %i rows is 1.7 to 2.3 m', (rows) => {
    const [piece] = made('scarf', { sizeBy: 'rows', rows }).sizes.pieces;
    expect(piece!.lengthMm.value).toBeGreaterThanOrEqual(1690);
    expect(piece!.lengthMm.value).toBeLessThanOrEqual(2310);
  });

  it('a scarf by body height falls into 340 to 450 rows for an adult', () => {
    for (const heightMm of [1600, 1700, 1850, 2000]) {
      const [piece] = made('scarf', { sizeBy: 'height', heightMm }).sizes.pieces;
      expect(piece!.rows).toBeGreaterThanOrEqual(340);
      expect(piece!.rows).toBeLessThanOrEqual(450);
    }
  });

  it('a headband on a large ring is near 85 rows, a cowl 80 to 90', () => {
    expect(Math.abs(made('headband').sizes.pieces[0]!.rows - 85)).toBeLessThanOrEqual(5);
    const cowl = made('cowl').sizes.pieces[0]!.rows;
    expect(cowl).toBeGreaterThanOrEqual(80);
    expect(cowl).toBeLessThanOrEqual(90);
  });

  it('a mug wrap on 22 pins is near 45 rows and closes in halves of 11', () => {
    const result = made('mug-wrap', {}, onRing(22));
    expect(Math.abs(result.sizes.pieces[0]!.rows - 45)).toBeLessThanOrEqual(4);
    const close = result.plan.acts.findIndex((act) => act.do === 'join');
    expect(actSketch(result, close, speak(result))!.shapes).toHaveLength(22);
    expect(told(result).find((s) => s.act === close)!.detail).toContain('count 11 to the other fold, 11 pairs');
    // From corner to corner of each end, far longer than it is wide: it must stand out and hook over (craft 7.11).
    const chains = only(result, 'cord').flatMap((d) => (d.do === 'cord' && d.facts ? [d.facts] : []));
    expect(chains).toHaveLength(2);
    for (const chain of chains) {
      expect(chain.mm / (110 / 1.35)).toBeGreaterThan(1.4);
      expect(chain.mm / (110 / 1.35)).toBeLessThan(2);
    }
  });

  it('a brim of 40 rows and 25 more: the brim is 20 rows high, the hat 45', () => {
    const result = made('brim-hat', { sizeBy: 'rows', brimRows: 40, bodyRows: 25 });
    expect(result.sizes.pieces[0]!.rows).toBe(65);
    // 2.0 rows per cm: 40 / 2 + 25 = 45 rows are 22.5 cm.
    expect(lengthMmOf(result, 0)).toBeCloseTo(225, 6);
    expect(result.sizes.pieces[0]!.lengthMm.value).toBeCloseTo(225, 6);
    expect(result.fabric.pieces[0]!.doubled).toEqual([{ from: 6, to: 45 }]);
  });

  it('a sack is a channel of 10 rows and about 20 more: near 12 cm', () => {
    const result = made('sack', {}, onRing(22));
    expect(result.sizes.pieces[0]!.rows).toBe(30);
    expect(lengthMmOf(result, 0)).toBeCloseTo(125, 6);
  });

  it('socks: as long as the foot and the cuff, the cuff edge with 2 stitches a pin', () => {
    const result = made('socks', { footMm: 230, footGirthMm: 210, cuffMm: 120 }, onRing(22));
    const on = result.sizes.finished.find((f) => f.code === 'length-on')!.figure.value;
    expect(Math.abs(on - 350)).toBeLessThan(4);
    const edge = only(result, 'bind')[0]!;
    expect(edge.act).toMatchObject({ runs: [{ piece: 0, run: 'hung-off' }], perLoop: 2 });
    expect(told(result).find((s) => s.id === edge.id)!.title).toContain('44 stitches');
    expect(result.plan.pieces[0]!.copies).toBe(2);
  });

  it('straps of a tube top chain 50 to 70', () => {
    const [strap] = only(made('tube-top'), 'cord');
    expect(strap!.facts).toMatchObject({ chains: 60, count: 2 });
  });

  it('a pompom of 70 wraps on 7.5 cm takes 10.5 m', () => {
    const use = made('pompom').yarnUse[0]!;
    expect(use.metres.value).toBeCloseTo(10.5 + 0.4, 6);
  });
});

describe('sums that must hold', () => {
  it('the band of a hat lies astride the fold: 36, 28, 36', () => {
    const result = made('band-hat', { sizeBy: 'sections', outsideRows: 36, bandRows: 28, liningRows: 36 });
    expect(result.sizes.pieces[0]!.rows).toBe(100);
    expect(result.reveal.pieces[0]!.foldRow).toBe(36 + 14);
  });

  it('a wrap by measures: sleeve, neck and sleeve are the tube; body and underarms too', () => {
    for (const spanMm of [800, 1150, 1490]) {
      const result = made('wrap', { spanMm });
      const { worn } = result.plan;
      if (worn?.form !== 'wrap') throw new Error('a wrap is worn as one');
      const { rows } = result.sizes.pieces[0]!;
      expect(2 * worn.sleeveRows + worn.neckRows).toBe(rows);
      expect(2 * worn.underarmRows + worn.bodyRows).toBe(rows);
      // The two ladders are opposite: the first stitch, and pins / 2 + 1. They run down once the tube is off.
      expect(result.worked.state.parts[0]!.ran).toEqual([1, 25]);
      expect(result.fabric.pieces[0]!.ladders).toEqual([]);
    }
  });

  it('motifs of a garland hang at even spacing over the whole line', () => {
    const result = made('garland', { lineMm: 2000, count: 8 });
    const { worn } = result.plan;
    if (worn?.form !== 'garland') throw new Error('a garland hangs as one');
    expect(2 * worn.firstMm + (worn.count - 1) * worn.spacingMm).toBeCloseTo(2000, 9);
    expect(result.plan.pieces[1]!.copies).toBe(8);
  });

  it('a cord runs half way round the ring, clear of the marker', () => {
    for (const pins of [20, 22, 40, 44, 46, 48]) {
      const [line] = made('garland', {}, onRing(pins)).plan.pieces;
      expect(line!.mode).toBe('tube-as-panel');
      expect(line!.to - line!.from + 1).toBe(3);
      expect(Math.abs((line!.from + line!.to) / 2 - (pins + 1) / 2)).toBeLessThanOrEqual(1);
      expect(line!.from).toBeGreaterThan(1);
      expect(line!.to).toBeLessThan(pins);
    }
  });

  it('waste yarn follows the habits, and a kept strip is hung on', () => {
    const kit = onRing(48, { habits: { wasteStart: 4, wasteEnd: 12, wasteStrip: true } });
    const { operations } = made('headband', { waste: 'habit' }, kit).plan.pieces[0]!;
    const waste = operations.filter((op) => op.op === 'knit' && op.purpose === 'waste');
    expect(waste.map((op) => (op.op === 'knit' ? op.rows : 0))).toEqual([4, 12]);
    expect(operations[0]).toMatchObject({ op: 'castOn', style: 'rag' });
  });

  it('the yarn a waste is chosen from is never the work itself', () => {
    const kit = onRing(48, {
      yarns: [medium('red', '#b03020'), medium('blue', '#205080'), medium('lemon', '#f4e04d')]
    });
    const { operations } = made('ear-hat', { style: 'two', yarn: 'red', secondYarn: 'blue' }, kit).plan.pieces[0]!;
    const waste = operations.find((op) => op.op === 'knit' && op.purpose === 'waste');
    expect(waste).toMatchObject({ yarn: 'lemon' });
  });

  it('any project can wear pompoms, counted in its yarn', () => {
    for (const kind of KINDS) {
      const plain = made(kind.code);
      const pompom = { count: 2, wraps: 70, cardMm: 75, yarn: 'red' };
      const crowned = made(kind.code, {}, sampleKit(), { pompom });
      const red = (r: Result): number => r.yarnUse.find((use) => use.yarnId === 'red')?.metres.value ?? 0;
      // Two balls of 10.5 m and the thread that ties each.
      expect(red(crowned) - red(plain), kind.code).toBeCloseTo(2 * (10.5 + 0.4), 6);
    }
  });
});
