import { z } from 'zod';

/** What is to be made, for whom, with which choices. The options belong to the kind and are checked by it. */
export const Brief = z.object({
  kind: z.string().min(1).max(60),
  name: z.string().trim().min(1).max(80).meta({ title: 'Name' }),
  machineId: z.string().min(1).max(80),
  /** Tension hole counted from the smallest; null takes the usual one for the yarn. */
  hole: z.int().min(1).max(5).nullable().default(null).meta({ title: 'Tension hole' }),
  /** Strands held together where they differ from what the yarn's record says. */
  strands: z.record(z.string(), z.int().min(1).max(3)).default({}).meta({ title: 'Strands' }),
  options: z.record(z.string(), z.unknown())
});
export type Brief = z.infer<typeof Brief>;
