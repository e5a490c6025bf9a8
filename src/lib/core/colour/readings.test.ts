import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { codes, hat, made, medium, sampleKit } from '../../../../tests/support/sample';
import { type ColourSection, rowsIn } from '../plan';
import { panelAreaMm2 } from '../read/panel';
import { alongRows, ballEndRows } from './along';
import { readJoins } from './joins';
import { centredOnBrim, fatesOf, hiddenJoin } from './moves';
import { cycleMetres, phaseRings, phaseRuns, phaseShow, winding } from './phases';
import { sectionsOf } from './sections-of';
import { byChance } from './rules';
import { FATES, readSeen } from './seen';

const kit = sampleKit({ yarns: [medium('red', '#b03020'), medium('blue', '#205080'), medium('moss', '#60702a')] });
const free = (list: readonly { yarn: string; rows: number }[]): ColourSection[] => list.map((s) => ({ ...s, locked: false })); // prettier-ignore

/** A strip of paper, one field a row, folded in half and turned up: what becomes of each field, worked out field by field. */
function foldedStrip(rows: number, turn: number, crown: number): string[] {
  const fold = Math.floor(rows / 2);
  const fields: string[] = [];
  for (let row = 0; row < rows; row++) {
    const outside = row < fold;
    const fromFold = outside ? fold - row : row - fold + 1;
    if (row < crown || row >= rows - crown) fields.push('gathered');
    else if (outside) fields.push(fromFold > 2 * turn ? 'seen' : 'hidden');
    else fields.push(fromFold <= turn ? 'turned-up' : 'hidden');
  }
  return fields;
}

describe('what shows of every colour', () => {
  it('agrees row by row with a strip of paper that is folded, coloured by chance', () => {
    const asked = fc.record({ rows: fc.integer({ min: 80, max: 200 }), turnUpMm: fc.integer({ min: 0, max: 60 }), seed: fc.nat() }); // prettier-ignore
    fc.assert(
      fc.property(asked, ({ rows, turnUpMm, seed }) => {
        const sections = byChance(['red', 'blue', 'moss'], seed, 2, 20, rows);
        const r = hat({ sizeBy: 'rows', rows, turnUpMm, style: 'plain' }, kit, { colours: [{ piece: 0, sections }] });
        const fates = fatesOf(r, 0);
        const crown = fates.findIndex((fate) => fate !== 'gathered');
        const paper = foldedStrip(rows, r.reveal.turnRows, crown);
        expect(fates).toEqual(paper);
        const yarnOf = sections.flatMap((s) => Array.from({ length: s.rows }, () => s.yarn));
        for (const own of readSeen(r))
          for (const fate of FATES)
            expect(own.rows[fate]).toBe(paper.filter((f, i) => f === fate && yarnOf[i] === r.fabric.yarns[own.yarn]).length); // prettier-ignore
      }),
      { numRuns: 40 }
    );
  });

  it('adds up to all of the fabric: a tube by girth and length, panels by their outlines', () => {
    const r = hat({}, kit);
    const all = readSeen(r).reduce((sum, own) => sum + FATES.reduce((s, f) => s + own.cm2[f], 0), 0);
    const [size] = r.sizes.pieces;
    expect(all).toBeCloseTo((size!.lengthMm.value * size!.girthMm.value) / 100, 3);
    const panels = made('waistcoat', {}, kit);
    const flat = readSeen(panels).reduce((sum, own) => sum + FATES.reduce((s, f) => s + own.cm2[f], 0), 0);
    expect(flat).toBeCloseTo(panels.plan.pieces.reduce((s, _, p) => s + panelAreaMm2(panels, p), 0) / 100, 3);
  });
});

describe('joins', () => {
  it('are counted with two tails each, copies too, and what another order saves (by hand)', () => {
    const sections = free([{ yarn: 'red', rows: 10 }, { yarn: 'blue', rows: 10 }, { yarn: 'red', rows: 10 }, { yarn: 'moss', rows: 1000 }]); // prettier-ignore
    const r = hat({ style: 'plain' }, kit, { colours: [{ piece: 0, sections }] });
    expect(readJoins(r)).toMatchObject({ joins: 3, tails: 6, tailMm: 1200, saved: 1 });
    expect(readJoins(r).minutes).toBeGreaterThan(0);
    expect(readJoins(hat({ style: 'plain' }, kit))).toMatchObject({ joins: 0, tails: 0, minutes: 0, saved: 0 });
    const pair = made('socks', { style: 'plain' }, kit, { colours: [{ piece: 0, sections: free([{ yarn: 'red', rows: 5 }, { yarn: 'blue', rows: 500 }]) }] }); // prettier-ignore
    expect(readJoins(pair).joins).toBe(pair.plan.pieces[0]!.copies);
  });
});

describe('moves in one click', () => {
  it('centre a stripe on the turned-up brim, its own rows kept', () => {
    const rows = hat({}, kit).sizes.pieces[0]!.rows;
    const sections = free([{ yarn: 'red', rows: 30 }, { yarn: 'blue', rows: 9 }, { yarn: 'red', rows: rows - 39 }]); // prettier-ignore
    const r = hat({ style: 'plain' }, kit, { colours: [{ piece: 0, sections }] });
    const moved = centredOnBrim(r, 0, sections, 1)!;
    expect(moved[1]!.rows).toBe(9);
    expect(rowsIn(moved)).toBe(rows);
    const fates = fatesOf(r, 0);
    const [from, to] = [fates.indexOf('turned-up'), fates.lastIndexOf('turned-up')];
    expect(Math.abs(moved[0]!.rows + 4.5 - (from + to + 1) / 2)).toBeLessThanOrEqual(0.5);
    // Once there it stays; a hat without a brim has no middle of one.
    expect(centredOnBrim(r, 0, moved, 1)).toBeNull();
    expect(centredOnBrim(hat({ turnUpMm: 0 }, kit), 0, sections, 1)).toBeNull();
  });

  it('hide a join inside, at the nearest place that is out of sight', () => {
    const rows = hat({}, kit).sizes.pieces[0]!.rows;
    const sections = free([{ yarn: 'red', rows: 20 }, { yarn: 'blue', rows: rows - 20 }]); // prettier-ignore
    const r = hat({ style: 'plain' }, kit, { colours: [{ piece: 0, sections }] });
    const fates = fatesOf(r, 0);
    expect(fates[19]).toBe('seen');
    const moved = hiddenJoin(r, 0, sections, 0)!;
    const at = moved[0]!.rows;
    for (const row of [at - 1, at]) expect(['hidden', 'gathered']).toContain(fates[row]);
    // None nearer is hidden.
    for (let away = 1; away < Math.abs(at - 20); away++)
      for (const other of [20 + away, 20 - away]) {
        const out = [other - 1, other].every((row) => fates[row] === 'hidden' || fates[row] === 'gathered');
        expect(out).toBe(false);
      }
    expect(hiddenJoin(r, 0, moved, 0)).toBeNull();
  });

  it('the fix of a join on the fold moves it out of the way', () => {
    const rows = hat({}, kit).sizes.pieces[0]!.rows;
    const sections = free([{ yarn: 'red', rows: rows / 2 }, { yarn: 'blue', rows: rows / 2 }]); // prettier-ignore
    const r = hat({ style: 'plain' }, kit, { colours: [{ piece: 0, sections }] });
    const [fix] = r.findings.find((f) => f.code === 'join-at-fold')!.remedies!;
    expect(codes(hat({ style: 'plain' }, kit, { colours: fix!.change.colours! }))).not.toContain('join-at-fold');
  });
});

describe('yarn by row', () => {
  it('adds up to the rows of the yarn use, and balls end where their metres do', () => {
    const r = made('scarf', { style: 'two' }, kit);
    const rows = alongRows(r);
    r.yarnUse.forEach((use) => {
      const y = r.fabric.yarns.indexOf(use.yarnId);
      const knitted = use.parts.filter((p) => p.what.endsWith('rows')).reduce((sum, p) => sum + p.metres, 0);
      expect(rows.filter((row) => row.yarn === y).at(-1)?.until ?? 0).toBeCloseTo(knitted, 6);
    });
    for (const end of ballEndRows(r)) {
      const own = rows.filter((row) => row.yarn === end.yarn);
      const row = own.find((o) => o.piece === end.piece && o.copy === end.copy && o.work === end.work)!;
      const label = end.ball * r.yarns[end.yarn]!.label.metres;
      expect(row.until).toBeGreaterThan(label);
      expect(row.until - row.metres).toBeLessThanOrEqual(label);
      expect(end.rowsOff).toBeGreaterThan(0);
    }
    // A ball that is begun ends sooner.
    const [whole] = ballEndRows(r).filter((e) => r.fabric.yarns[e.yarn] === 'red');
    const [begun] = ballEndRows(r, { red: 50 }).filter((e) => r.fabric.yarns[e.yarn] === 'red');
    expect(begun!.work!).toBeLessThan(whole?.work ?? Infinity);
  });
});

describe('long phases', () => {
  const phase = fc.record({ name: fc.constant('p'), hex: fc.constant('#808080'), metres: fc.integer({ min: 1, max: 60 }) }); // prettier-ignore
  const phases = fc.array(phase, { minLength: 1, maxLength: 6 });
  const rows = fc.array(fc.double({ min: 0.2, max: 3, noNaN: true }), { minLength: 1, maxLength: 200 });

  it('conserve metres and rows, whatever the start', () => {
    fc.assert(
      fc.property(phases, rows, fc.double({ min: -50, max: 500, noNaN: true }), (all, metres, start) => {
        const runs = phaseRuns(all, metres, start);
        expect(runs.reduce((sum, r) => sum + r.metres, 0)).toBeCloseTo(
          metres.reduce((sum, m) => sum + m, 0),
          6
        );
        expect(runs[0]!.from).toBe(0);
        expect(runs.at(-1)!.to).toBeCloseTo(metres.length, 6);
        runs.slice(1).forEach((r, i) => expect(r.from).toBeCloseTo(runs[i]!.to, 9));
        // No run but the first and the last is shorter than its phase; none is longer, but where there is one colour.
        if (all.length > 1) runs.slice(1, -1).forEach((r) => expect(r.metres).toBeCloseTo(all[r.phase]!.metres, 6));
      }),
      { numRuns: 150 }
    );
  });

  it('tell when a piece is too small to show a change (40 m phases, 20 m of rows)', () => {
    const two = [{ name: 'a', hex: '#112233', metres: 40 }, { name: 'b', hex: '#445566', metres: 40 }]; // prettier-ignore
    const small = phaseShow(
      two,
      Array.from({ length: 20 }, () => 1)
    );
    expect(small).toMatchObject({ fewest: 1, most: 2, rowsAPhase: 40, sureMetres: 40 });
    expect(
      phaseShow(
        two,
        Array.from({ length: 100 }, () => 1)
      ).fewest
    ).toBe(2);
    expect(cycleMetres(two)).toBe(80);
  });

  it('wind a ball by colour: nothing lost, cut where colours change', () => {
    const three = [10, 20, 30].map((metres, i) => ({ name: `c${i}`, hex: '#112233', metres }));
    const balls = winding(three, 100, 0);
    expect(balls.map((b) => b.metres)).toEqual([20, 40, 40]);
    expect(balls.map((b) => b.cuts.map((c) => Math.round(c)))).toEqual([[10, 70], [30, 90], [60, 100]]); // prettier-ignore
    fc.assert(
      fc.property(phases, fc.integer({ min: 1, max: 500 }), fc.nat(200), (all, metres, start) => {
        const sum = winding(all, metres, start).reduce((total, b) => total + b.metres, 0);
        expect(sum).toBeCloseTo(metres, 6);
      })
    );
  });

  it('say how far a phase goes on every ring: more pins, fewer rows', () => {
    const both = sampleKit({ yarns: [medium('red', '#b03020', { phases: [{ name: 'a', hex: '#112233', metres: 30 }, { name: 'b', hex: '#445566', metres: 50 }] })] }); // prettier-ignore
    const rings = phaseRings({ ...both, machines: [...both.machines, { ...both.machines[0]!, id: 's', pins: 24 }] }, both.yarns[0]!); // prettier-ignore
    const [large, little] = rings;
    // Half the pins, twice the rows.
    expect(little!.rowsAPhase).toBeCloseTo(2 * large!.rowsAPhase, 6);
    const metres = Array.from({ length: large!.sureRows }, () => 40 / large!.rowsAPhase);
    expect(phaseShow(both.yarns[0]!.phases, metres).fewest).toBe(2);
    expect(phaseShow(both.yarns[0]!.phases, metres.slice(2)).fewest).toBe(1);
  });

  it('a hat knits its colours over the rows it has', () => {
    const r = hat({ style: 'plain' }, kit);
    const metres = alongRows(r).map((row) => row.metres);
    expect(metres).toHaveLength(rowsIn(sectionsOf(r.plan.pieces[0]!)));
  });
});
