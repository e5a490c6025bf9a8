import { KINDS } from '$lib/core/kinds';
import { linedHat } from '$lib/core/kinds/lined-hat';
import { Kit } from '$lib/core/kit';
import { Brief } from '$lib/core/plan';

/** A small kit: one ring, three yarns, nothing measured. */
export const small = Kit.parse({
  machines: [{ id: 'm', name: 'Wheel', pins: 48 }],
  yarns: ['#b03020', '#205080', '#e3d3b0'].map((hex, i) => ({
    id: `y${i}`,
    name: `Yarn ${i}`,
    weightClass: 4,
    label: { metres: 200, grams: 100 },
    colour: { name: `Shade ${i}`, hex }
  }))
});

/** Ten thousand yarns, swatches and finished pieces beside the same ring and yarns. */
export function large(all: number, ofOneYarn: boolean): Kit {
  const yarnOf = (i: number): string => (ofOneYarn ? `y${i % 3}` : `y${i}`);
  const times = Array.from({ length: all }, (_, i) => i);
  return Kit.parse({
    ...small,
    yarns: [
      ...small.yarns,
      ...times.slice(3).map((i) => ({
        id: `y${i}`,
        name: `Yarn ${i}`,
        weightClass: 1 + (i % 6),
        label: { metres: 150 + (i % 90), grams: 100 },
        colour: { name: `Shade ${i}`, hex: `#${((i * 2654435761) % 0xffffff).toString(16).padStart(6, '0')}` },
        stockGrams: i % 5 ? 100 : null
      }))
    ],
    swatches: times.map((i) => ({
      id: `s${i}`,
      machineId: 'm',
      yarnId: yarnOf(i),
      hole: 2,
      state: 'rested',
      statement: { as: 'tube', pins: 48, rows: 40, lengthCm: 19 + (i % 20) / 10, flatWidthCm: 17 + (i % 15) / 10 },
      on: `2026-0${1 + (i % 9)}-1${i % 10}`
    })),
    finished: times.map((i) => ({
      id: `f${i}`,
      projectId: `p${i}`,
      machineId: 'm',
      yarnId: yarnOf(i),
      hole: 2,
      pins: 48,
      rows: 100 + (i % 40),
      lengthMm: 500 + (i % 60),
      flatWidthMm: 175,
      on: `2026-0${1 + (i % 9)}-2${i % 8}`
    }))
  });
}

/** A striped piece of so many rows: more sections than any real one, so the worst of its length. */
export const striped = (rows: number): Brief =>
  Brief.parse({
    kind: 'lined-hat',
    name: 'Bench',
    machineId: 'm',
    options: {
      ...linedHat.start(small, 'm'),
      style: 'striped',
      sizeBy: 'rows',
      rows,
      waste: 'ten',
      sections: [0, 1, 2].map((i) => ({ yarn: `y${i}`, rows: 5 + i }))
    }
  });

/** Every kind as it is begun. */
export const begun: readonly Brief[] = KINDS.map((kind) =>
  Brief.parse({ kind: kind.code, name: kind.code, machineId: 'm', options: kind.start(small, 'm') })
);
