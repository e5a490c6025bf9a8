import * as z from 'zod';
import { Hex } from '$lib/core/kit';

/** What the form of a yarn holds, with the sentences that name field and rule. */
export const YarnForm = z.object({
  name: z.string().trim().min(1, 'Name must not be empty').max(60, 'Name must have at most 60 letters'),
  colourName: z
    .string()
    .trim()
    .min(1, 'Colour name must not be empty')
    .max(40, 'Colour name must have at most 40 letters'),
  hex: Hex,
  weightClass: z
    .number('Weight class must be a whole number from 0 to 7')
    .int('Weight class must be a whole number from 0 to 7')
    .min(0, 'Weight class must be from 0 to 7')
    .max(7, 'Weight class must be from 0 to 7'),
  metres: z
    .number('Metres must be a number')
    .min(1, 'Metres must be from 1 to 5000')
    .max(5000, 'Metres must be from 1 to 5000')
    .nullable()
    .refine((n) => n !== null, 'Metres must be a number; the label has it'),
  grams: z
    .number('Grams must be a number')
    .min(1, 'Grams must be from 1 to 2000')
    .max(2000, 'Grams must be from 1 to 2000')
    .nullable()
    .refine((n) => n !== null, 'Grams must be a number; the label has it'),
  stockGrams: z
    .number('Grams at hand must be a number')
    .min(0, 'Grams at hand must be from 0 to 100000')
    .max(100_000, 'Grams at hand must be from 0 to 100000')
    .nullable(),
  fibre: z.string().trim().max(80, 'Fibre must have at most 80 letters'),
  strands: z
    .number('Strands must be 1, 2 or 3')
    .int('Strands must be 1, 2 or 3')
    .min(1, 'Strands must be 1, 2 or 3')
    .max(3, 'Strands must be 1, 2 or 3'),
  stretch: z.enum(['little', 'some', 'much']),
  strength: z.enum(['weak', 'fair', 'strong']),
  surface: z.enum(['smooth', 'fuzzy', 'clingy']),
  wash: z.enum(['machine', 'hand'])
});

/** How a yarn behaves, as it is asked. */
export const BEHAVIOUR = [
  {
    key: 'stretch',
    label: 'Stretch',
    choices: [
      { value: 'little', label: 'Little' },
      { value: 'some', label: 'Some' },
      { value: 'much', label: 'Much' }
    ]
  },
  {
    key: 'strength',
    label: 'Strength',
    choices: [
      { value: 'weak', label: 'Snaps when drawn' },
      { value: 'fair', label: 'Fair' },
      { value: 'strong', label: 'Strong' }
    ]
  },
  {
    key: 'surface',
    label: 'Surface',
    choices: [
      { value: 'smooth', label: 'Smooth' },
      { value: 'fuzzy', label: 'Fuzzy' },
      { value: 'clingy', label: 'Clingy' }
    ]
  },
  {
    key: 'wash',
    label: 'Washing',
    choices: [
      { value: 'machine', label: 'Machine' },
      { value: 'hand', label: 'By hand' }
    ]
  }
] as const;
