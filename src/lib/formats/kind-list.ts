import { z } from 'zod';
import { KINDS } from '$lib/core/kinds';

/** What a program needs to know of every kind: what it is, on which rings, and a JSON Schema of its options. */
export const kindList = (): object[] =>
  KINDS.map(({ code, title, blurb, family, pins, options }) => ({
    code,
    title,
    blurb,
    family,
    pins,
    options: z.toJSONSchema(options, { io: 'input' })
  }));
