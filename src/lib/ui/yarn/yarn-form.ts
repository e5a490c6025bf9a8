import * as z from 'zod/mini';
import { Hex, Yarn } from '$lib/core/kit';

/** What the form of a yarn holds, with the sentences that name field and rule. */
export const YarnForm = z.object({
  name: z
    .string()
    .check(z.trim(), z.minLength(1, 'Name must not be empty'), z.maxLength(60, 'Name must have at most 60 letters')),
  colourName: z
    .string()
    .check(
      z.trim(),
      z.minLength(1, 'Colour name must not be empty'),
      z.maxLength(40, 'Colour name must have at most 40 letters')
    ),
  hex: Hex,
  weightClass: z
    .number('Weight class must be a whole number from 0 to 7')
    .check(
      z.int('Weight class must be a whole number from 0 to 7'),
      z.minimum(0, 'Weight class must be from 0 to 7'),
      z.maximum(7, 'Weight class must be from 0 to 7')
    ),
  metres: z
    .nullable(
      z
        .number('Metres must be a number')
        .check(z.minimum(1, 'Metres must be from 1 to 5000'), z.maximum(5000, 'Metres must be from 1 to 5000'))
    )
    .check(z.refine((n) => n !== null, 'Metres must be a number; the label has it')),
  grams: z
    .nullable(
      z
        .number('Grams must be a number')
        .check(z.minimum(1, 'Grams must be from 1 to 2000'), z.maximum(2000, 'Grams must be from 1 to 2000'))
    )
    .check(z.refine((n) => n !== null, 'Grams must be a number; the label has it')),
  stockGrams: z.nullable(
    z
      .number('Grams at hand must be a number')
      .check(
        z.minimum(0, 'Grams at hand must be from 0 to 100000'),
        z.maximum(100_000, 'Grams at hand must be from 0 to 100000')
      )
  ),
  fibre: z.string().check(z.trim(), z.maxLength(80, 'Fibre must have at most 80 letters')),
  strands: z
    .number('Strands must be 1, 2 or 3')
    .check(
      z.int('Strands must be 1, 2 or 3'),
      z.minimum(1, 'Strands must be 1, 2 or 3'),
      z.maximum(3, 'Strands must be 1, 2 or 3')
    ),
  stretch: z.enum(['little', 'some', 'much']),
  strength: z.enum(['weak', 'fair', 'strong']),
  surface: z.enum(['smooth', 'fuzzy', 'clingy']),
  wash: z.enum(['machine', 'hand'])
});

export type YarnForm = z.output<typeof YarnForm>;

/**
 * What the form of a yarn begins with. A new one begins without a name and a label: what is not known is not made up.
 *
 * @param known whether the yarn is in the stash already
 */
export const typedOf = ({ name, label, colour, behaviour, ...yarn }: Yarn, known: boolean): YarnForm => ({
  name: known ? name : '',
  colourName: known ? colour.name : '',
  hex: colour.hex,
  weightClass: yarn.weightClass,
  metres: known ? label.metres : null,
  grams: known ? label.grams : null,
  stockGrams: yarn.stockGrams,
  fibre: yarn.fibre,
  strands: yarn.strands,
  ...behaviour
});

/**
 * The yarn that was typed.
 *
 * @param start the yarn the form was opened with: what the form does not ask stays as it is
 * @throws ZodError where a sound form makes no sound yarn
 */
export const yarnOf = (start: Yarn, typed: YarnForm, phases: Yarn['phases']): Yarn =>
  Yarn.parse({
    ...start,
    name: typed.name,
    colour: { name: typed.colourName, hex: typed.hex },
    weightClass: typed.weightClass,
    label: { metres: typed.metres!, grams: typed.grams! },
    stockGrams: typed.stockGrams,
    fibre: typed.fibre,
    strands: typed.strands,
    behaviour: { stretch: typed.stretch, strength: typed.strength, surface: typed.surface, wash: typed.wash },
    phases
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
