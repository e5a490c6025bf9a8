import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { sizesFor } from '../body';
import { Kit } from '../kit';
import { Brief } from '../plan';
import { kindOf } from '../kinds';
import { tryPlan } from '../tomble';
import { drawUp, placements, placesToColour } from './draw-up';

const yarn = (id: string, hex: string, stockGrams: number) => ({ id, name: 'Reedwick', weightClass: 4, label: { metres: 200, grams: 100 }, colour: { name: id, hex }, stockGrams }); // prettier-ignore
const kitWith = (grams: number) =>
  Kit.parse({
    machines: [{ id: 'm', name: 'Wheel', pins: 40 }],
    yarns: [yarn('ember', '#c2552d', grams), yarn('tide', '#1f5f73', grams), yarn('oat', '#e3d3b0', grams), yarn('moss', '#66743a', grams)] // prettier-ignore
  });
const hatOf = (kit: Kit) => Brief.parse({ kind: 'lined-hat', name: 'Hat', machineId: 'm', options: { ...kindOf('lined-hat')!.start(kit, 'm'), yarn: 'ember', liningYarn: 'tide', style: 'contrast' } }); // prettier-ignore
const [small, large] = sizesFor(['head']);
const ALL = ['ember', 'tide', 'oat', 'moss'];

/** Grams of every yarn over things, planned again one by one and added up plainly. */
function gramsOf(kit: Kit, briefs: readonly Brief[]): Map<string, number> {
  const used = new Map<string, number>();
  for (const brief of briefs) {
    const planned = tryPlan(kit, brief);
    if (!planned.ok) throw new Error('not planned');
    for (const use of planned.value.yarnUse) used.set(use.yarnId, (used.get(use.yarnId) ?? 0) + use.grams.high);
  }
  return used;
}

describe('a series drawn up', () => {
  it('twelve small hats from four yarns: none is overdrawn by an independent sum, sizes and counts are as wanted', () => {
    const kit = kitWith(250);
    const drawn = drawUp(kit, hatOf(kit), [{ body: small!, count: 8 }, { body: large!, count: 4 }], ALL); // prettier-ignore
    if (!drawn.ok) throw new Error(JSON.stringify(drawn.missing));
    expect(drawn.things).toHaveLength(12);
    expect(drawn.things.filter((t) => t.size === small!.label)).toHaveLength(8);
    for (const grams of gramsOf(kit, drawn.things.map((t) => t.brief)).values()) expect(grams).toBeLessThanOrEqual(250); // prettier-ignore
    expect(new Set(drawn.things.map((t) => t.yarns.join())).size).toBeGreaterThan(6);
    expect(new Set(drawn.things.map((t) => t.brief.options.headMm)).size).toBe(2);
  });

  it('with too little yarn it says how many metres are missing, and with that much it goes', () => {
    const poor = kitWith(60);
    const drawn = drawUp(poor, hatOf(poor), [{ body: small!, count: 12 }], ALL);
    if (drawn.ok) throw new Error('shared what is not there');
    expect(drawn.missing.length).toBeGreaterThan(0);
    for (const { grams, metres } of drawn.missing) expect(metres / grams).toBeCloseTo(2, 6);
    const more = Kit.parse({ ...poor, yarns: poor.yarns.map((y) => ({ ...y, stockGrams: 60 + (drawn.missing.find((m) => m.id === y.id)?.grams ?? 0) + 0.01 })) }); // prettier-ignore
    expect(drawUp(more, hatOf(more), [{ body: small!, count: 12 }], ALL).ok).toBe(true);
  });

  it('yarns in places: every way once where there are few, spread over all where there are millions', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 14 }), fc.integer({ min: 0, max: 14 }), (many, places) => {
        const yarns = Array.from({ length: many }, (_, i) => `y${i}`);
        const ways = placements(yarns, places);
        if (places > many) {
          expect(ways).toEqual([]);
          return;
        }
        let all = 1;
        for (let i = 0; i < places; i++) all *= many - i;
        expect(ways).toHaveLength(Math.min(all, 120));
        expect(new Set(ways.map((w) => w.join())).size).toBe(ways.length);
        for (const w of ways) expect(new Set(w).size).toBe(places);
        // No yarn is left out, whichever stands last.
        if (places > 0) expect(new Set(ways.flat()).size).toBe(many);
      })
    );
  });

  it('a size that the ring cannot knit is named', () => {
    const kit = kitWith(500);
    const giant = { key: 'g', label: 'Giant', measures: { head: 4000 } };
    const thin = Kit.parse({ ...kit, machines: [{ id: 'm', name: 'Wheel', pins: 4 }] });
    const drawn = drawUp(thin, hatOf(kit), [{ body: giant, count: 1 }], ALL);
    expect(drawn).toEqual({ ok: false, missing: [], unplanned: ['Giant'] });
  });

  it('colours the places where rows are knitted, and no two of them alike', () => {
    const kit = kitWith(500);
    const planned = tryPlan(kit, hatOf(kit));
    expect(planned.ok && placesToColour(planned.value)).toEqual(['ember', 'tide']);
    const drawn = drawUp(kit, hatOf(kit), [{ body: small!, count: 6 }], ['oat', 'moss']);
    if (!drawn.ok) throw new Error('not drawn up');
    for (const { brief } of drawn.things) {
      const own = tryPlan(kit, brief);
      expect(own.ok && [...placesToColour(own.value)].sort()).toEqual(['moss', 'oat']);
    }
  });
});
