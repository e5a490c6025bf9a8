import * as z from 'zod/mini';

/** The part of a piece that shows, and the face of the fabric on it. */
const Shown = z.object({
  piece: z.int().check(z.minimum(0)),
  half: z.enum(['first', 'last', 'whole']),
  face: z.enum(['knit', 'purl'])
});

/** `made` in the answer of the planning service: what hands make of what was knitted. */
export const MadeAnswer = z
  .object({
    things: z.array(
      z.object({
        name: z.string(),
        times: z.int().check(z.minimum(1)),
        /** Euler characteristic of its surface, layers that lie on each other counted once. */
        euler: z.int(),
        openings: z.array(z.object({ name: z.string(), girthMm: z.number().check(z.minimum(0)) })),
        /** What is seen from outside, and by looking in: one entry a piece; `inside` is empty where it is closed. */
        outside: z.array(Shown),
        inside: z.array(Shown)
      })
    ),
    seams: z.array(
      z.object({
        name: z.string(),
        a: z.string(),
        b: z.string(),
        by: z.string(),
        lengthMm: z.number().check(z.minimum(0))
      })
    ),
    tails: z.array(
      z.object({
        yarn: z.string(),
        place: z.string(),
        end: z.enum(['loose', 'string', 'tied', 'woven', 'inside', 'hanging']),
        times: z.int().check(z.minimum(1))
      })
    ),
    cuts: z.array(
      z.object({
        yarn: z.string(),
        what: z.string(),
        lengthMm: z.number().check(z.minimum(0)),
        count: z.int().check(z.minimum(1))
      })
    ),
    left: z.array(z.looseObject({ code: z.string() }))
  })
  .check(z.meta({ title: 'What hands make of it' }));

/** JSON Schema of `made`, for programs that read it. */
export const madeSchema = (): object => ({
  ...z.toJSONSchema(MadeAnswer, { target: 'draft-2020-12' }),
  $id: '/api/schema/made'
});
