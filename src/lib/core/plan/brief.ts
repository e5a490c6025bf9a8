import * as z from 'zod/mini';
import { PieceColours } from './colours';
import { FINGER_TENSIONS, Id, shownText } from '../kit';
import { olderOptions } from './older-options';
import { MOST_HOLES } from './tension';

/** Pompoms that any project may wear: wound on a card, tied or buttoned on. */
export const PompomWish = z.object({
  count: z.int().check(z.minimum(1), z.maximum(200), z.meta({ title: 'Pompoms' })),
  wraps: z.int().check(z.minimum(10), z.maximum(400), z.meta({ title: 'Wraps' })),
  cardMm: z.number().check(z.minimum(20), z.maximum(200), z.meta({ title: 'Width of the card' })),
  yarn: Id.check(z.meta({ title: 'Yarn of the pompom' })),
  /** Wound on a card, or bought with a string or for a button. */
  from: z._default(z.enum(['wound', 'bought']), 'wound').check(z.meta({ title: 'Made or bought' })),
  by: z._default(z.enum(['bow', 'button']), 'bow').check(z.meta({ title: 'How it is fixed' })),
  /** What the scissors take off all round, mm. */
  trimMm: z
    ._default(z.number().check(z.minimum(0), z.maximum(20)), 3)
    .check(z.meta({ title: 'Trimmed off all round' })),
  /** Width of the button that holds it, mm. */
  buttonMm: z
    ._default(z.number().check(z.minimum(5), z.maximum(60)), 18)
    .check(z.meta({ title: 'Width of the button' }))
});
export type PompomWish = z.infer<typeof PompomWish>;

/** A patch or a tag, and the work row its middle lies on. */
const PatchWish = z.object({
  what: z.enum(['patch', 'tag']),
  piece: z.int().check(z.minimum(0), z.maximum(200)),
  row: z.int().check(z.minimum(1), z.maximum(5000), z.meta({ title: 'Row' })),
  /** The pin its middle lies over, counted from the marker; nowhere in particular when absent. */
  pin: z.optional(z.int().check(z.minimum(1), z.maximum(400))).check(z.meta({ title: 'Pin' })),
  yarn: Id.check(z.meta({ title: 'Thread' })),
  /** Sewn on, or glued under a weight; sewn when absent. */
  by: z.optional(z.enum(['sewn', 'glued'])).check(z.meta({ title: 'Fixed by' }))
});
export type PatchWish = z.infer<typeof PatchWish>;

/** Longest that an own step may wait, hours: a week. */
const MOST_WAIT_H = 168;

/** Patches that one project may have. */
export const MOST_PATCHES = 12;

/** Yarns whose strands one project may set. */
const MOST_STRANDS = 400;

/** Rows and stitches to a cm that are stated for one yarn. */
const YarnGauge = z.object({
  yarn: Id,
  courses: z.number().check(z.minimum(0.3), z.maximum(20)),
  wales: z.number().check(z.minimum(0.3), z.maximum(20))
});

/** What is to be made, for whom, with which choices. The options belong to the kind and are checked by it. */
export const Brief = z.object({
  kind: z.string().check(z.minLength(1), z.maxLength(60)),
  name: shownText(80).check(z.trim(), z.minLength(1), z.meta({ title: 'Name' })),
  machineId: Id,
  /** Tension hole counted from the smallest; null takes the usual one for the yarn. */
  hole: z
    ._default(z.nullable(z.int().check(z.minimum(1), z.maximum(MOST_HOLES))), null)
    .check(z.meta({ title: 'Tension hole' })),
  /** How the yarn runs through the fingers while it is knitted. */
  fingers: z._default(z.enum(FINGER_TENSIONS), 'usual').check(z.meta({ title: 'Finger tension' })),
  /** Strands held together where they differ from what the yarn's record says. */
  strands: z
    ._default(
      z
        .record(z.string(), z.int().check(z.minimum(1), z.maximum(3)))
        .check(
          z.refine((strands) => Object.keys(strands).length <= MOST_STRANDS, `must name at most ${MOST_STRANDS} yarns`)
        ),
      {}
    )
    .check(z.meta({ title: 'Strands' })),
  /** Pompoms on top of whatever it is; null for none. */
  pompom: z._default(z.nullable(PompomWish), null),
  /** Colours set on the tubes; none where the plan's own choices hold. */
  colours: z._default(z.array(PieceColours).check(z.maxLength(100)), []).check(z.meta({ title: 'Colours' })),
  /** Patches and tags, sewn on while a hand can reach behind them. */
  patches: z
    ._default(z.array(PatchWish).check(z.maxLength(MOST_PATCHES)), [])
    .check(z.meta({ title: 'Patches and tags' })),
  /** Steps in the knitter's own words, after everything else or where `ownPlaces` has them. */
  ownSteps: z._default(z.array(shownText(300).check(z.trim(), z.minLength(1))).check(z.maxLength(20)), []),
  /** Before which act one of the own steps comes, by the words of the step and the id of the act. */
  ownPlaces: z._default(
    z
      .record(z.string(), z.string().check(z.maxLength(100)))
      .check(z.refine((places) => Object.keys(places).length <= 20, 'must name at most 20 steps')),
    {}
  ),
  /**
   * After which row of the work one of the own steps comes, by the words of the step: while that piece is on the machine. The
   * piece is named by its number and by what it is called, so that a plan that has other pieces does not take it for one of them.
   */
  ownRows: z.optional(
    z
      .record(
        z.string(),
        z.object({
          piece: z.int().check(z.minimum(0), z.maximum(200)),
          of: shownText(60),
          row: z.int().check(z.minimum(0), z.maximum(20_000))
        })
      ) // prettier-ignore
      .check(z.refine((places) => Object.keys(places).length <= 20, 'must name at most 20 steps'))
  ),
  /** Hours that one of the own steps takes by itself, by its words: to dry, to set. */
  ownWaits: z.optional(
    z
      .record(z.string(), z.int().check(z.minimum(1), z.maximum(MOST_WAIT_H)))
      .check(z.refine((waits) => Object.keys(waits).length <= 20, 'must name at most 20 steps'))
  ),
  /** A gauge that is stated for a yarn, rows and stitches to a cm: planned at instead of what is known of it. */
  gauge: z.optional(YarnGauge),
  /** Counts kept from another yarn: worked out as if this one had that gauge, rows and stitches to a cm. Sizes follow its own. */
  countsAs: z.optional(
    z.extend(YarnGauge, {
      /** Its counts were those of a stretchy yarn, which takes fewer rows. */
      stretchy: z._default(z.boolean(), false)
    })
  ),
  /** Yarns that are gone because another took their place: waste is not knitted in them either. */
  without: z.optional(z.array(Id).check(z.maxLength(400))),
  options: z.pipe(z.record(z.string(), z.unknown()), z.transform(olderOptions))
});
export type Brief = z.infer<typeof Brief>;
