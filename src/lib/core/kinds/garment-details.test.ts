import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { told } from '../../../../tests/support/said';
import { codes, made, sampleKit } from '../../../../tests/support/sample';
import { speak } from '$lib/words';
import { garmentSizes, pieceAt } from '../read';
import type { Result } from '../tomble';

/** Panels and garments to the last stitch: common practice, no source, but where another one is named. */

/** Marks that are hung in, by piece: true rows of the piece and what is said of them. */
const marksOf = (result: Result): { piece: string; row: number; underarm: boolean; pin: number }[] =>
  result.steps.flatMap((step) =>
    step.cues.flatMap((cue) =>
      cue.kind === 'marker' && step.piece !== null
        ? [{ piece: pieceAt(result, step.piece).planned.label, row: cue.row, ...cue.facts }]
        : []
    )
  );
const before = (result: Result, p: number): number => result.fabric.pieces[p]!.work.first;
const sentences = (result: Result, code: string): string[] =>
  result.findings.flatMap((f) => (f.code === code ? [speak(result).finding(f)] : []));

describe('the underarm mark', () => {
  const garment = fc.record({
    armholes: fc.constantFrom('cut-in', 'straight'),
    shoulders: fc.constantFrom('straight', 'sloped'),
    farSide: fc.constantFrom('next-row', 'cut'),
    chestMm: fc.integer({ min: 480, max: 1100 }),
    lengthMm: fc.integer({ min: 400, max: 640 }),
    neckDepthMm: fc.integer({ min: 80, max: 350 })
  });

  it('hangs where the body ends, at every armhole of every piece of the seam, shaped there or not', () => {
    fc.assert(
      fc.property(garment, (options) => {
        const result = made('waistcoat', { crossBackMm: 380, ...options });
        const body = result.notes.garment!.underarms;
        const marks = marksOf(result).filter(({ underarm }) => underarm);
        // As many as there are armhole edges: two backs or one with two, and two fronts.
        expect(marks).toHaveLength(4);
        for (const { piece, row, sides } of body) {
          const { planned, fabric } = pieceAt(result, piece);
          const own = marks.filter((mark) => mark.piece === planned.label);
          const at = before(result, piece) + row;
          expect(own.map((mark) => mark.row)).toEqual(sides.map(() => at));
          expect(own.map(({ pin }) => pin)).toEqual(sides.map((side) => (side === 'low' ? fabric.low : fabric.high)[at - 1])); // prettier-ignore
        }
      }),
      { numRuns: 60 }
    );
  });
});

describe('buttonholes', () => {
  it('are named by their front and counted from its hem; the buttons sit on the other', () => {
    for (const holesOn of ['right', 'left'] as const) {
      const result = made('cardigan', { buttons: 4, bandMm: 25, holesOn });
      const steps = told(result);
      const band = steps.find(({ title }) => title.startsWith('Crochet the front bands'))!;
      expect(band.detail).toMatch(new RegExp(`On the ${holesOn} front, .*leave 4 holes.*from its hem`));
      const other = holesOn === 'right' ? 'left' : 'right';
      expect(steps.some(({ title, detail }) => /button/i.test(title) && `${title} ${detail}`.includes(`${other} front`))).toBe(true); // prettier-ignore
    }
    // Women's right is the start.
    expect(made('cardigan').brief.options['holesOn']).toBe('right');
  });
});

describe('bands', () => {
  it('closed fronts are the chest with one band, open ones with two, the neck is asked for with both', () => {
    for (const [fronts, bands] of [
      ['closed', 1],
      ['open', 2]
    ] as const) {
      // prettier-ignore
      for (const bandMm of [5, 20, 40]) {
        const result = made('waistcoat', { fronts, bandMm, chestMm: 1000, easeMm: 60 });
        const { wales } = result.gauges[0]![0]!;
        // By hand: stitches at the hem, two of every piece in seams, and the bands.
        const stitches = result.notes.garment!.round.parts.reduce((sum, { edge }) => sum + result.fabric.pieces[edge.piece]!.width - 2, 0); // prettier-ignore
        const sizes = garmentSizes(result)!;
        expect(sizes.roundMm).toBeCloseTo((10 * stitches) / wales.value + bands * bandMm, 6);
        // Four pieces are rounded to whole stitches each.
        expect(Math.abs(sizes.roundMm - 1060)).toBeLessThan(20);
        expect(Math.abs(sizes.neckMm - 160)).toBeLessThan(16);
      }
    }
  });

  it('a neck that the bands close is found', () => {
    const narrow = made('waistcoat', { sizeBy: 'rows', shoulderStitches: 22, neckMm: 160, bandMm: 25 });
    expect(codes(narrow)).toContain('neck-narrow');
    expect(codes(made('waistcoat', { bandMm: 25 }))).not.toContain('neck-narrow');
  });
});

describe('edges that are no rings', () => {
  it('are fastened off; rings are closed with a slip stitch', () => {
    const steps = told(made('waistcoat'));
    const edge = (title: string): string => steps.find((s) => s.title.startsWith(title))!.detail;
    expect(edge('Crochet the hem')).toContain('fasten off');
    expect(edge('Crochet the front bands')).toContain('fasten off');
    expect(edge('Crochet the left armhole')).toContain('close with a slip stitch');
    const panel = told(made('panel', { castOn: 'waste', off: 'waste' })).filter((s) => s.title.startsWith('Crochet'));
    expect(panel).toHaveLength(2);
    for (const { detail } of panel) expect(detail).toContain('fasten off');
    const hat = told(made('tube-top')).filter((s) => s.title.startsWith('Crochet'));
    for (const { detail } of hat) expect(detail).toContain('slip stitch');
  });

  it("a waistcoat's armholes are edged unless the knitter says no, and the side they roll to is said", () => {
    const names = (options: object): string[] => made('waistcoat', options).plan.acts.flatMap((act) => (act.do === 'bind' ? [act.name] : [])); // prettier-ignore
    expect(names({})).toEqual(expect.arrayContaining(['armhole-left', 'armhole-right']));
    expect(names({ armEdge: 'none' }).filter((name) => name.startsWith('armhole'))).toEqual([]);
    const edge = told(made('waistcoat')).find((s) => s.title.startsWith('Crochet the left armhole'))!;
    expect(edge.detail).toContain('rolls inwards, to the purl side');
  });
});

describe('a cast-on that leaves the yarn at the low edge', () => {
  it('is laid from the high pin to the low one, and says so', () => {
    const first = (yarnAt: string) => told(made('panel', { yarnAt, stitches: 30, sizeBy: 'rows' })).find((s) => s.title.startsWith('Wrap'))!; // prettier-ignore
    expect(first('habit').detail).toMatch(
      /Wrap pins 10 to 39 one by one.*now stands at pin 39.*back from pin 39 to pin 10/
    );
    expect(first('low').detail).toMatch(/Wrap pins 39 down to 10 one by one.*now stands at pin 10.*back from pin 10 to pin 39/); // prettier-ignore
  });

  it('never contradicts where the yarn then stands, in any garment', () => {
    for (const yarnAt of ['habit', 'low', 'high'])
      for (const kind of ['waistcoat', 'cardigan'])
        for (const { what } of made(kind, { yarnAt }).steps)
          if (what.say === 'castOn' && what.facts.yarnPin !== null) expect(what.facts.to).toBe(what.facts.yarnPin);
  });
});

describe('typed counts', () => {
  const typed = (options: object): Result => made('waistcoat', { sizeBy: 'counts', ...options });

  it('a half of 30 stitches is too few because so many were typed, not because the ring gives no more', () => {
    const [said] = sentences(typed({ halfStitches: 30 }), 'garment-narrow');
    expect(said).toContain('30 stitches for a half are too few; the ring gives 44');
  });

  it('a half of 43 is said to be too wide, with as many as are enough', () => {
    const wide = typed({ halfStitches: 43 });
    const [said] = sentences(wide, 'garment-wide');
    expect(said).toMatch(/43 stitches for a half are too many, 36 are enough/);
    expect(codes(typed({ halfStitches: 36 }))).not.toContain('garment-wide');
  });

  it('seven groups of a shoulder in twelve rows go after rows 0, 2 … 12; uneven ones are said', () => {
    const rows = { armholes: 'straight', shoulders: 'sloped', shoulderGroups: 7, armRows: 12, frontArmRows: 12 };
    const seven = typed({ ...rows, shoulderStitches: 17, halfStitches: 36 });
    expect(codes(seven)).not.toContain('clamped');
    const line = seven.notes.shaping!.find(({ what }) => what.of === 'shoulder')!;
    expect(line.at.map((row) => row - seven.notes.garment!.underarms[0]!.row)).toEqual([0, 2, 4, 6, 8, 10, 12]);
    expect(speak(seven).shaping(line).what).toBe('Shoulder, held in groups of 3, 3, 3, 2, 2, 2 and 2');
    expect([seven.refusals, seven.worked.refusals, seven.worked.left]).toEqual([[], [], []]);
  });

  it('a pocket too high is stopped with the reason; it is as tall as it was asked for', () => {
    const high = made('waistcoat', { pockets: 'both', pocketUpMm: 360, pocketTallMm: 120 });
    expect(high.fabric.pieces.at(-1)!.work.count).toBe(24);
    expect(high.findings.find((f) => f.code === 'pocket-high')).toMatchObject({ weight: 'stop' });
    expect(sentences(high, 'pocket-high')[0]).toMatch(/begins 72 rows above the hem and is 24 rows tall; there are 74/);
  });

  it('where PANEL mode gives too few, turning by hand is offered; a tube of panels offers another panel', () => {
    const wide = made('panel', { sizeBy: 'rows', stitches: 46 });
    const fixes = (r: Result): unknown[] => r.findings.find((f) => f.code === 'panel-narrow')!.remedies!.map(({ change }) => change.options); // prettier-ignore
    expect(sentences(wide, 'panel-narrow')[0]).toContain('46 stitches are asked for, Wheel gives 44');
    expect(fixes(wide)).toContainEqual({ mode: 'tube-as-panel' });
    expect(fixes(made('panel-tube', { sizeBy: 'rows', parts: 2, stitches: 60 }))).toContainEqual({ parts: 3, stitches: 44 }); // prettier-ignore
  });
});

describe('cast-on rag, cords and cuts', () => {
  it('every piece of a garment begins from the strip where that is the habit, and nothing is left live', () => {
    const kit = sampleKit({ habits: { wasteStrip: true } });
    for (const [kind, options] of [
      ['waistcoat', {}],
      ['cardigan', { pockets: 'both' }],
      ['cardigan', { sleeves: 'tube' }]
    ] as const) {
      // prettier-ignore
      const result = made(kind, options, kit);
      const styles = result.plan.pieces.map(({ mode, operations }) => operations.flatMap((op) => (op.op === 'castOn' ? [`${mode} ${op.style}`] : []))); // prettier-ignore
      for (const [style] of styles) expect(style === 'panel rag' || style!.startsWith('tube ')).toBe(true);
      expect([result.refusals, result.worked.refusals, result.worked.left]).toEqual([[], [], []]);
    }
  });

  it('loops of cords are pushed down every few rows', () => {
    const cues = made('strap').steps.flatMap((step) => step.cues.filter(({ kind }) => kind === 'cord-loops'));
    expect(cues.length).toBeGreaterThan(3);
    const rows = cues.map(({ row }) => row);
    for (let i = 1; i < rows.length; i++) expect(rows[i]! - rows[i - 1]!).toBeLessThanOrEqual(10);
    expect(made('panel').steps.flatMap((step) => step.cues.filter(({ kind }) => kind === 'cord-loops'))).toEqual([]);
  });

  it('where a back in one is cut at the underarm, either end of the cut chains off the stitches beside it', () => {
    const cut = made('waistcoat', { chestMm: 500, crossBackMm: 160, neckMm: 70, neckDepthMm: 120, farSide: 'cut' });
    expect(cut.plan.pieces.map(({ label }) => label)).toContain('Back');
    const held = cut.worked.done.filter((d) => d.do === 'bind' && d.act.name.startsWith('held-back'));
    expect(held).toHaveLength(2);
    for (const did of held) expect(did.do === 'bind' && did.facts!.ownMm).toBeGreaterThan(0);
    // No yarn is cut for it, and the tails are as long as they must be.
    const step = told(cut).find(({ title }) => title.startsWith('Cut the yarn'))!;
    expect(step.detail).toMatch(/Leave \d+(\.\d)? cm/);
    expect([cut.worked.refusals, cut.worked.left]).toEqual([[], []]);
  });
});

describe('stitches that wait on threads', () => {
  it('an armhole that waits chains off its own loops, and none of the shoulder above it', () => {
    const typed = {
      ...{ chestMm: 300, easeMm: 0, crossBackMm: 120, upperArmMm: 80, neckMm: 60, lengthMm: 120, armholeMm: 60 },
      ...{ neckDepthMm: 40, shoulders: 'sloped', armMethod: 'thread' },
      armSlope: { from: 0, steps: [{ every: 3, times: 6 }] }
    };
    for (const kind of ['waistcoat', 'cardigan'])
      for (const pins of [24, 48]) {
        const result = made(kind, typed, sampleKit({ machine: { pins } }));
        expect([kind, pins, result.worked.refusals, result.worked.left]).toEqual([kind, pins, [], []]);
      }
  });
});

describe('a panel from pin 1', () => {
  it('20 cast on in PANEL mode are 18, the first on pin 3; turned by hand none is lost (craft 1)', () => {
    const from = (mode: string): Result => made('panel', { sizeBy: 'rows', stitches: 20, place: 'first', mode });
    const [panel] = from('panel').fabric.pieces;
    expect([panel!.width, panel!.low[0]]).toEqual([18, 3]);
    const wrap = told(from('panel')).find((s) => s.title.startsWith('Wrap'))!;
    expect(wrap.detail).toContain('18 are knitted, the first on pin 3');
    const [hand] = from('tube-as-panel').fabric.pieces;
    expect([hand!.width, hand!.low[0]]).toEqual([20, 1]);
  });

  it('a width that is measured is cast on so much wider, wherever the panel begins', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 12 }), fc.integer({ min: 60, max: 200 }), (firstPin, widthMm) => {
        const middle = made('panel', { widthMm });
        const own = made('panel', { widthMm, place: 'own', firstPin });
        expect(own.fabric.pieces[0]!.width).toBe(middle.fabric.pieces[0]!.width);
        expect(own.plan.pieces[0]!.from).toBe(firstPin);
        expect(own.refusals).toEqual([]);
      })
    );
  });
});

describe("a garment's place on the ring", () => {
  it('is chosen: every piece begins there and comes out the same, stitch by stitch', () => {
    const kit = sampleKit({ machine: { pins: 48 } });
    const typed = { chestMm: 700, pockets: 'both' };
    for (const kind of ['waistcoat', 'cardigan'])
      for (const mode of ['panel', 'tube-as-panel']) {
        const middle = made(kind, { ...typed, mode }, kit);
        const at = (place: object): Result => made(kind, { ...typed, mode, ...place }, kit);
        const first = mode === 'panel' ? 3 : 1;
        const low = at({ place: 'low' });
        const own = at({ place: 'own', firstPin: 5 });
        for (const placed of [low, own]) {
          expect([placed.refusals, placed.worked.refusals, placed.worked.left]).toEqual([[], [], []]);
          expect(placed.fabric.pieces.map(({ width, rows }) => [width, rows])).toEqual(
            middle.fabric.pieces.map(({ width, rows }) => [width, rows])
          );
          expect(garmentSizes(placed)).toEqual(garmentSizes(middle));
        }
        const panels = (of: Result): number[] => of.plan.pieces.flatMap(({ mode: how, from }) => (how === 'tube' ? [] : [from])); // prettier-ignore
        expect(new Set(panels(low))).toEqual(new Set([first]));
        expect(new Set(panels(own))).toEqual(new Set([5]));
        expect(codes(own)).not.toContain('clamped');
      }
  });

  it('one that leaves no room is said, and kept clear of the stitches PANEL mode loses', () => {
    const far = made('waistcoat', { chestMm: 700, place: 'own', firstPin: 40 });
    const [piece] = far.plan.pieces;
    expect(piece!.to).toBe(46);
    expect(sentences(far, 'clamped')[0]).toMatch(/First pin”: pin 40; the widest piece begins at pin \d+, so that none of its stitches is lost\.$/); // prettier-ignore
    expect(made('waistcoat', { chestMm: 700, place: 'own', firstPin: 1 }).plan.pieces[0]!.from).toBe(3);
  });
});

describe('a neck too wide', () => {
  it('says how far each shoulder is sewn further in', () => {
    const wide = made('waistcoat', { sizeBy: 'rows', shoulderStitches: 8 });
    const { neckMm } = garmentSizes(wide)!;
    const finding = wide.findings.find((f) => f.code === 'neck-wide')!;
    expect(finding.about).toMatchObject({ facts: { sewInMm: (neckMm - 160) / 2 } });
    expect(sentences(wide, 'neck-wide')[0]).toMatch(/Sewing each shoulder seam \d+(\.\d)? cm further in mends it too/);
  });
});
