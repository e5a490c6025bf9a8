import { PLAUSIBLE_RATIO, type Slip } from '$lib/core/kit';

const LIKELY: Readonly<Record<Slip['kind'], string>> = {
  swapped: 'Stitches and rows look swapped.',
  inches: 'It looks measured in inches and written as centimetres.',
  'width-for-girth':
    'The flat width seems to stand where the whole way round was meant: a tube laid flat shows half of its stitches.',
  'girth-for-width': 'The whole way round seems to stand where the flat width was meant.',
  'on-the-machine':
    'The stitches are as wide as the pins stand apart: it was measured while it hung on the machine. Take it off, tug and rest it first.',
  unknown: 'Measure it again, off the machine, tugged and rested.'
};

/** What probably happened to a swatch that cannot be. */
export function slipWords({ kind, off }: Slip): string {
  const lead =
    off.by === 'times'
      ? `This is ${off.value.toFixed(1)} times from what this yarn should knit to.`
      : `There are ${off.value.toFixed(2)} rows to a stitch; knitting has ${PLAUSIBLE_RATIO.low} to ${PLAUSIBLE_RATIO.high}.`;
  return `${lead} ${LIKELY[kind]}`;
}
