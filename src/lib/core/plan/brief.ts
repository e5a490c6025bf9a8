import * as z from 'zod';
import { PieceColours } from './colours';
import { FINGER_TENSIONS, Id, shownText } from '../kit';
import { MOST_HOLES } from './tension';

/** Pompoms that any project may wear: wound on a card, tied or buttoned on. */
export const PompomWish = z.object({
  count: z.int().min(1).max(200).meta({ title: 'Pompoms' }),
  wraps: z.int().min(10).max(400).meta({ title: 'Wraps' }),
  cardMm: z.number().min(20).max(200).meta({ title: 'Width of the card' }),
  yarn: Id.meta({ title: 'Yarn of the pompom' }),
  /** Wound on a card, or bought with a string or for a button. */
  from: z.enum(['wound', 'bought']).default('wound').meta({ title: 'Made or bought' }),
  by: z.enum(['bow', 'button']).default('bow').meta({ title: 'How it is fixed' }),
  /** What the scissors take off all round, mm. */
  trimMm: z.number().min(0).max(20).default(3).meta({ title: 'Trimmed off all round' }),
  /** Width of the button that holds it, mm. */
  buttonMm: z.number().min(5).max(60).default(18).meta({ title: 'Width of the button' })
});
export type PompomWish = z.infer<typeof PompomWish>;

/** A patch or a tag, and the work row its middle lies on. */
const PatchWish = z.object({
  what: z.enum(['patch', 'tag']),
  piece: z.int().min(0).max(200),
  row: z.int().min(1).max(5000).meta({ title: 'Row' }),
  yarn: Id.meta({ title: 'Thread' })
});
export type PatchWish = z.infer<typeof PatchWish>;

/** Patches that one project may have. */
export const MOST_PATCHES = 12;

/** Yarns whose strands one project may set. */
const MOST_STRANDS = 400;

/** What is to be made, for whom, with which choices. The options belong to the kind and are checked by it. */
export const Brief = z.object({
  kind: z.string().min(1).max(60),
  name: shownText(80).trim().min(1).meta({ title: 'Name' }),
  machineId: Id,
  /** Tension hole counted from the smallest; null takes the usual one for the yarn. */
  hole: z.int().min(1).max(MOST_HOLES).nullable().default(null).meta({ title: 'Tension hole' }),
  /** How the yarn runs through the fingers while it is knitted. */
  fingers: z.enum(FINGER_TENSIONS).default('usual').meta({ title: 'Finger tension' }),
  /** Strands held together where they differ from what the yarn's record says. */
  strands: z
    .record(z.string(), z.int().min(1).max(3))
    .refine((strands) => Object.keys(strands).length <= MOST_STRANDS, `must name at most ${MOST_STRANDS} yarns`)
    .default({})
    .meta({ title: 'Strands' }),
  /** Pompoms on top of whatever it is; null for none. */
  pompom: PompomWish.nullable().default(null),
  /** Colours set on the tubes; none where the plan's own choices hold. */
  colours: z.array(PieceColours).max(100).default([]).meta({ title: 'Colours' }),
  /** Patches and tags, sewn on while a hand can reach behind them. */
  patches: z.array(PatchWish).max(MOST_PATCHES).default([]).meta({ title: 'Patches and tags' }),
  /** Steps in the knitter's own words, after everything else or where `ownPlaces` has them. */
  ownSteps: z.array(shownText(300).trim().min(1)).max(20).default([]),
  /** Before which act one of the own steps comes, by the words of the step and the id of the act. */
  ownPlaces: z
    .record(z.string(), z.string().max(100))
    .refine((places) => Object.keys(places).length <= 20, 'must name at most 20 steps')
    .default({}),
  options: z.record(z.string(), z.unknown())
});
export type Brief = z.infer<typeof Brief>;
