import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { made, sampleKit } from '../../../../tests/support/sample';
import { presetFor } from '../kit';

/**
 * An oracle of another build: every finished thing as a triangulated mesh. Sheets are grids of vertices; a seam names pairs
 * of vertices one. Euler's characteristic is then V - E + F of what is left, and the rims are the cycles of edges that only
 * one triangle has. It knows nothing of runs and rims.
 */
class Mesh {
  readonly #triangles: [number, number, number][] = [];
  readonly #parent: number[] = [];

  vertex(): number {
    this.#parent.push(this.#parent.length);
    return this.#parent.length - 1;
  }

  find(v: number): number {
    while (this.#parent[v] !== v) v = this.#parent[v]!;
    return v;
  }

  /** A sheet of so many squares; its vertices by column and row. `round` joins its left side to its right. */
  sheet(across: number, up: number, round = false): (x: number, y: number) => number {
    const cols = round ? across : across + 1;
    const grid = Array.from({ length: cols }, () => Array.from({ length: up + 1 }, () => this.vertex()));
    const at = (x: number, y: number): number => grid[round ? ((x % cols) + cols) % cols : x]![y]!;
    for (let x = 0; x < across; x++) {
      for (let y = 0; y < up; y++) {
        this.#triangles.push([at(x, y), at(x + 1, y), at(x, y + 1)], [at(x + 1, y), at(x + 1, y + 1), at(x, y + 1)]);
      }
    }
    return at;
  }

  glue(pairs: readonly (readonly [number, number])[]): void {
    for (const [a, b] of pairs) this.#parent[this.find(a)] = this.find(b);
  }

  measure(): { euler: number; rims: number } {
    const vertices = new Set<number>();
    const edges = new Map<string, number>();
    // What was drawn to a point leaves triangles of two corners: they are gone, and their neighbours make the fan.
    const faces = this.#triangles.map((t) => t.map((v) => this.find(v))).filter((t) => new Set(t).size === 3);
    for (const face of faces) {
      face.forEach((v, i) => {
        vertices.add(v);
        const w = face[(i + 1) % 3]!;
        const key = v < w ? `${v} ${w}` : `${w} ${v}`;
        edges.set(key, (edges.get(key) ?? 0) + 1);
      });
    }
    // The edges of one triangle only, strung together: each string is a rim.
    const open = [...edges].filter(([, n]) => n === 1).map(([key]) => key.split(' ').map(Number));
    const rim = new Map<number, number>();
    const of = (v: number): number => {
      while (rim.has(v) && rim.get(v) !== v) v = rim.get(v)!;
      return v;
    };
    for (const [a, b] of open) rim.set(of(a!), of(b!));
    const ends = new Set(open.flat().map((v) => of(v!)));
    return { euler: vertices.size - edges.size + faces.length, rims: ends.size };
  }
}

const range = (n: number): number[] => Array.from({ length: n }, (_, i) => i);
const thing = (kind: string, options: object = {}) => {
  const result = made(kind, options);
  expect(result.worked.left).toEqual([]);
  expect(result.worked.refusals).toEqual([]);
  const [first] = result.worked.things;
  return { euler: first!.euler, rims: first!.openings.length };
};

/** A disc of two layers that a closed tube is when it lies flat: 3n squares along, n high. */
const N = 8;

describe('things against a triangulated mesh', () => {
  it('the mesh itself: a disc, a tube, a ball, a torus', () => {
    const disc = new Mesh();
    disc.sheet(5, 4);
    expect(disc.measure()).toEqual({ euler: 1, rims: 1 });
    const tube = new Mesh();
    tube.sheet(8, 4, true);
    expect(tube.measure()).toEqual({ euler: 0, rims: 2 });
    const torus = new Mesh();
    const at = torus.sheet(8, 6, true);
    torus.glue(range(8).map((x) => [at(x, 0), at(x, 6)]));
    expect(torus.measure()).toEqual({ euler: 0, rims: 0 });
  });

  it('a drawn or flatly closed end is a disc less: cosy, sock, scarf', () => {
    const drawn = (ends: 1 | 2): Mesh => {
      const mesh = new Mesh();
      const at = mesh.sheet(10, 5, true);
      mesh.glue(range(10).map((x) => [at(x, 0), at(0, 0)]));
      if (ends === 2) mesh.glue(range(10).map((x) => [at(x, 5), at(0, 5)]));
      return mesh;
    };
    expect(thing('bottle-cosy')).toEqual(drawn(1).measure());
    expect(thing('scarf', { ends: 'drawn' })).toEqual(drawn(2).measure());
    // Closed straight across: column x meets column -x.
    const flat = new Mesh();
    const at = flat.sheet(10, 5, true);
    for (const y of [0, 5]) flat.glue(range(10).map((x) => [at(x, y), at(-x, y)]));
    expect(thing('scarf', { ends: 'straight' })).toEqual(flat.measure());
    const sock = new Mesh();
    const to = sock.sheet(10, 5, true);
    sock.glue(range(10).map((x) => [to(x, 0), to(-x, 0)]));
    expect(thing('socks')).toEqual(sock.measure());
  });

  it('the folded bag: two seams of arcs that meet keep a disc; the old pairing did not', () => {
    const mesh = new Mesh();
    const at = mesh.sheet(3 * N, N);
    // (1) upper edge of the right third to that of the middle, from the corner (2a, a) away; (2) the lower edges likewise.
    mesh.glue(range(N + 1).map((i) => [at(2 * N + i, N), at(2 * N - i, N)]));
    mesh.glue(range(N + 1).map((i) => [at(N - i, 0), at(N + i, 0)]));
    expect(mesh.measure()).toEqual({ euler: 1, rims: 1 });
    expect(thing('folded-bag', { handle: false })).toEqual(mesh.measure());
    // Closed ends sewn to the sides of the middle third: a torus with a hole, no bag.
    const wrong = new Mesh();
    const on = wrong.sheet(3 * N, N);
    wrong.glue(range(N + 1).map((i) => [on(0, i), on(N + i, N)]));
    wrong.glue(range(N + 1).map((i) => [on(3 * N, i), on(N + i, 0)]));
    expect(wrong.measure().euler).toBe(-1);
  });

  it('a headband is a ring, a wrap two sheets chained along four arcs', () => {
    const band = new Mesh();
    const at = band.sheet(12, 4);
    band.glue(range(5).map((y) => [at(0, y), at(12, y)]));
    expect(thing('headband', { front: 'plain' })).toEqual(band.measure());
    const wrap = new Mesh();
    const [front, back] = [wrap.sheet(20, 4), wrap.sheet(20, 4)];
    for (const [y, reach] of [
      [4, 7],
      [0, 5]
    ] as const) {
      // prettier-ignore
      wrap.glue(range(reach + 1).map((x) => [front(x, y), back(x, y)]));
      wrap.glue(range(reach + 1).map((x) => [front(20 - x, y), back(20 - x, y)]));
    }
    expect(wrap.measure()).toEqual({ euler: -2, rims: 4 });
    expect(thing('wrap')).toEqual(wrap.measure());
  });

  it('a waistcoat is a sheet with two armholes, a cardigan one with two wrists, by every school', () => {
    // Four sheets, low edge x = 0, high edge x = 6: sides up to row 5, shoulders x = 0 to 3 (or 3 to 6), neck the rest.
    const body = () => {
      const mesh = new Mesh();
      const [lb, rb, lf, rf] = [mesh.sheet(6, 10), mesh.sheet(6, 10), mesh.sheet(6, 10), mesh.sheet(6, 10)];
      mesh.glue(range(11).map((y) => [lb(6, y), rb(0, y)]));
      mesh.glue(range(6).map((y) => [lb(0, y), lf(6, y)]));
      mesh.glue(range(6).map((y) => [rb(6, y), rf(0, y)]));
      mesh.glue(range(4).map((x) => [lb(x, 10), lf(6 - x, 10)]));
      mesh.glue(range(4).map((x) => [rb(6 - x, 10), rf(x, 10)]));
      return { mesh, lb, rb, lf, rf };
    };
    const waistcoat = body().mesh.measure();
    expect(waistcoat).toEqual({ euler: -1, rims: 3 });
    for (const shoulders of ['straight', 'sloped']) {
      for (const shoulderBy of ['sewn', 'together', 'slip']) {
        expect(thing('waistcoat', { shoulders, shoulderBy })).toEqual(waistcoat);
      }
    }
    const { mesh, lb, rb, lf, rf } = body();
    // A sleeve is a tube of ten columns; its top goes round the armhole, five rows of back and five of front.
    for (const [back, front] of [
      [(y: number) => lb(0, y), (y: number) => lf(6, y)],
      [(y: number) => rb(6, y), (y: number) => rf(0, y)]
    ] as const) {
      // prettier-ignore
      const sleeve = mesh.sheet(10, 8, true);
      mesh.glue(range(6).map((i) => [sleeve(i, 8), back(5 + i)]));
      mesh.glue(range(6).map((i) => [sleeve(5 + i, 8), front(10 - i)]));
    }
    const cardigan = mesh.measure();
    expect(cardigan).toEqual({ euler: -1, rims: 3 });
    for (const assembly of ['flat', 'round']) {
      for (const sleeves of ['tube', 'panel']) {
        expect(thing('cardigan', { assembly, sleeves }), `${assembly} ${sleeves}`).toEqual(cardigan);
      }
    }
  });

  it('panels sewn in rows, in grids and to a tube', () => {
    fc.assert(
      fc.property(fc.integer({ min: 300, max: 1400 }), fc.integer({ min: 1, max: 4 }), (widthMm, blocks) => {
        const result = made('blanket', { widthMm, lengthMm: 600, blocks });
        const strips = result.plan.pieces.length / blocks;
        const mesh = new Mesh();
        const grid = range(strips).map(() => range(blocks).map(() => mesh.sheet(3, 3)));
        for (const [s, strip] of grid.entries()) {
          for (const [b, block] of strip.entries()) {
            const [above, beside] = [strip[b + 1], grid[s + 1]?.[b]];
            if (above) mesh.glue(range(4).map((x) => [block(x, 3), above(x, 0)]));
            if (beside) mesh.glue(range(4).map((y) => [block(3, y), beside(0, y)]));
          }
        }
        const [one] = result.worked.things;
        expect({ euler: one!.euler, rims: one!.openings.length }).toEqual(mesh.measure());
      }),
      { numRuns: 25 }
    );
    for (const girthMm of [200, 600, 900]) {
      const parts = made('panel-tube', { girthMm }).plan.pieces.length;
      const mesh = new Mesh();
      const sheets = range(parts).map(() => mesh.sheet(3, 4));
      sheets.forEach((sheet, i) => mesh.glue(range(5).map((y) => [sheet(3, y), sheets[(i + 1) % parts]!(0, y)])));
      expect(thing('panel-tube', { girthMm })).toEqual(mesh.measure());
    }
  });

  it('the rim of the bag is four times its height on every ring', () => {
    for (const pins of [40, 44, 46, 48]) {
      const { counter, tensionHoles } = presetFor(pins, 'm', 'Ring');
      const bag = made('folded-bag', {}, sampleKit({ machine: { pins, counter, tensionHoles } }));
      const a = bag.sizes.pieces[0]!.flatWidthMm.value;
      // Rows are whole: the rim may be a row or two off.
      expect(Math.abs(bag.worked.things[0]!.openings[0]!.girthMm - 4 * a)).toBeLessThan(11);
    }
  });
});
