import fc from 'fast-check';
import { kindTitle } from '$lib/words';
import { Kit } from '$lib/core/kit';
import { Brief } from '$lib/core/plan';
import { type Kind, KINDS, LinedHatOptions } from '$lib/core/kinds';
import { type OptionMeta, optionFields } from '$lib/core/plan';

/** Any valid kit: one to three machines, two to five yarns, perhaps a swatch. */
export const anyKit: fc.Arbitrary<Kit> = fc
  .record({
    machines: fc.array(
      fc.record({
        name: fc.constantFrom('Ring', 'Wheel', 'Crown'),
        pins: fc.integer({ min: 8, max: 72 }),
        counter: fc.constantFrom('none', 'tube'),
        tensionHoles: fc.integer({ min: 1, max: 4 }),
        pinSpacingMm: fc.option(fc.integer({ min: 8, max: 25 }))
      }),
      { minLength: 1, maxLength: 3 }
    ),
    yarns: fc.array(
      fc.record({
        name: fc.constantFrom('Reed', 'Mill', 'Thistle'),
        weightClass: fc.integer({ min: 0, max: 7 }),
        label: fc.record({ metres: fc.integer({ min: 40, max: 800 }), grams: fc.constantFrom(25, 50, 100) }),
        strands: fc.integer({ min: 1, max: 3 }),
        colour: fc.record({
          name: fc.constant('Shade'),
          hex: fc.integer({ min: 0, max: 0xffffff }).map((n) => `#${n.toString(16).padStart(6, '0')}`)
        }),
        stockGrams: fc.option(fc.integer({ min: 0, max: 500 }))
      }),
      { minLength: 2, maxLength: 5 }
    ),
    swatches: fc.array(
      fc.record({
        stitches: fc.double({ min: 8, max: 30, noNaN: true }),
        rows: fc.double({ min: 10, max: 45, noNaN: true })
      }),
      { maxLength: 2 }
    ),
    counter: fc.constantFrom('reset', 'running')
  })
  .map((raw) =>
    Kit.parse({
      machines: raw.machines.map((m, i) => ({ ...m, id: `m${i}` })),
      yarns: raw.yarns.map((y, i) => ({ ...y, id: `y${i}` })),
      swatches: raw.swatches.map((s, i) => ({
        id: `s${i}`,
        machineId: 'm0',
        yarnId: 'y0',
        strands: raw.yarns[0]!.strands,
        hole: 1,
        state: 'rested',
        statement: { as: 'counts', ...s },
        on: `2026-05-0${i + 1}`
      })),
      habits: { counter: raw.counter }
    })
  );

/** Any valid brief of a lined hat for a kit. */
function anyHat(kit: Kit): fc.Arbitrary<Brief> {
  const yarn = fc.constantFrom(...kit.yarns.map((y) => y.id));
  return fc
    .record({
      machineId: fc.constantFrom(...kit.machines.map((m) => m.id)),
      options: fc.record({
        wearer: fc.constantFrom('adult', 'child', 'baby'),
        headMm: fc.integer({ min: 200, max: 800 }),
        turnUpMm: fc.integer({ min: 0, max: 150 }),
        sizeBy: fc.constantFrom('head', 'height', 'rows'),
        heightMm: fc.integer({ min: 40, max: 600 }),
        rows: fc.integer({ min: 10, max: 600 }),
        style: fc.constantFrom('plain', 'contrast', 'striped'),
        yarn,
        liningYarn: yarn,
        marginRows: fc.integer({ min: -60, max: 60 }),
        sections: fc.array(fc.record({ yarn, rows: fc.integer({ min: 1, max: 40 }) }), { maxLength: 6 }),
        repeat: fc.boolean(),
        closing: fc.constantFrom('draw', 'pinch', 'zip', 'pull'),
        outer: fc.constantFrom('first', 'last'),
        firstWith: fc.constantFrom('own', 'cut'),
        lastWith: fc.constantFrom('own', 'cut'),
        threadAt: fc.constantFrom('both', 'first', 'last'),
        doubledAt: fc.constantFrom('both', 'first', 'last'),
        waste: fc.constantFrom('none', 'few', 'ten', 'fifteen'),
        wasteYarn: fc.option(yarn),
        separator: fc.boolean(),
        thread: fc.option(yarn),
        doubled: fc.boolean(),
        trim: fc.constantFrom('none', 'pompom', 'cord')
      })
    })
    .map((raw) =>
      Brief.parse({
        kind: 'lined-hat',
        name: 'Hat',
        machineId: raw.machineId,
        options: LinedHatOptions.parse(raw.options)
      })
    );
}

/** A kit with a brief that fits it. */
export const anyKitAndHat = anyKit.chain((kit) => anyHat(kit).map((brief) => ({ kit, brief })));

/** Most that a random count or length may ask for, so that a run stays small. */
const MOST_COUNT = 220;
const MOST_MM = 1200;

/** Any valid value of an option, from what its field says of itself. */
function anyValue(kit: Kit, meta: OptionMeta): fc.Arbitrary<unknown> {
  const yarn = fc.constantFrom(...kit.yarns.map((y) => y.id));
  switch (meta.control) {
    case 'length':
      return fc.integer({ min: Math.ceil(meta.min ?? 0), max: Math.min(meta.max ?? MOST_MM, MOST_MM) });
    case 'count':
      return fc.integer({ min: meta.min ?? 0, max: Math.min(meta.max ?? MOST_COUNT, MOST_COUNT) });
    case 'choice':
      return fc.constantFrom(...meta.choices!);
    case 'switch':
      return fc.boolean();
    case 'yarn':
      return meta.open ? fc.option(yarn) : yarn;
    case 'machine':
      return fc.constantFrom(...kit.machines.map((m) => m.id));
    case 'slope':
      return fc.option(
        fc.record({
          from: fc.integer({ min: 0, max: 120 }),
          steps: fc.array(fc.record({ every: fc.integer({ min: 1, max: 8 }), times: fc.integer({ min: 1, max: 9 }) }), {
            minLength: 1,
            maxLength: 3
          })
        })
      );
    case 'sections':
      return fc.array(fc.record({ yarn, rows: fc.integer({ min: 1, max: 40 }) }), { maxLength: 6 });
  }
}

/**
 * Rows of a block times blocks stay below what one length would ask for: a blanket of a hundred long strips proves no more. Nor
 * does it on a ring of eight pins, where strips are two fingers wide: there are fewer of them than a plan may have.
 */
function kept(options: Record<string, unknown>): Record<string, unknown> {
  const { blocks: asked, rows, widthMm } = options;
  if (typeof asked !== 'number' || typeof rows !== 'number') return options;
  const blocks = Math.min(asked, 4);
  return {
    ...options,
    blocks,
    rows: Math.max(2, Math.min(rows, Math.round(MOST_COUNT / blocks))),
    ...(typeof widthMm === 'number' ? { widthMm: Math.min(widthMm, 600) } : {})
  };
}

/** Any valid brief of a kind: every option at random within its own limits, perhaps with pompoms. */
export function anyBrief(kit: Kit, kind: Kind): fc.Arbitrary<Brief> {
  const fields = Object.fromEntries(optionFields(kind.options).map(({ key, meta }) => [key, anyValue(kit, meta)]));
  const yarn = fc.constantFrom(...kit.yarns.map((y) => y.id));
  return fc
    .record({
      machineId: fc.constantFrom(...kit.machines.map((m) => m.id)),
      pompom: fc.option(
        fc.record({
          count: fc.integer({ min: 1, max: 5 }),
          wraps: fc.integer({ min: 10, max: 100 }),
          cardMm: fc.integer({ min: 20, max: 120 }),
          yarn,
          from: fc.constantFrom('wound', 'bought'),
          by: fc.constantFrom('bow', 'button')
        })
      ),
      ownSteps: fc.uniqueArray(fc.constantFrom('Sew in a name', 'Wash it', 'Wrap it up'), { maxLength: 2 }),
      options: fc.record(fields)
    })
    .map((raw) => Brief.parse({ kind: kind.code, name: kindTitle(kind.code), ...raw, options: kept(raw.options) }));
}

/** A kit with a brief of some kind that fits it. */
export const anyKitAndBrief = fc
  .tuple(anyKit, fc.constantFrom(...KINDS))
  .chain(([kit, kind]) => anyBrief(kit, kind).map((brief) => ({ kit, brief })));
