import { colourDifference, heldTex } from '../kit';
import type { Finding } from '../plan';
import { showMass, showRun } from '../quantity';
import { yarnOption } from './options';
import type { Judge, Readings } from './readings';

/** Yarns within this share of the same tex knit alike enough to stand in (own estimate, no source). */
const ALIKE_TEX = 0.15;

/** The yarn at hand nearest in colour that is thick enough alike and of which there is enough. */
function standIn(r: Readings, index: number, grams: number): Finding['fix'] {
  const yarn = r.yarns[index]!;
  const option = yarnOption(r, yarn.id);
  if (!option) return undefined;
  const other = r.kit.yarns
    .filter((y) => !r.fabric.yarns.includes(y.id))
    .filter((y) => y.stockGrams !== null && y.stockGrams >= grams)
    .filter((y) => Math.abs(heldTex(y) / heldTex(yarn) - 1) <= ALIKE_TEX)
    .sort(
      (a, b) => colourDifference(a.colour.hex, yarn.colour.hex) - colourDifference(b.colour.hex, yarn.colour.hex)
    )[0];
  return (
    other && {
      label: `Take ${other.name}, ${other.colour.name}: ${showMass(other.stockGrams!, r.kit.habits.units)} at hand`,
      change: { options: { [option]: other.id } }
    }
  );
}

/** There may not be enough of a yarn at hand. */
export const yarnEnough: Judge = {
  code: 'yarn-enough',
  watches: 'less yarn at hand than the plan takes',
  find: (r) =>
    r.yarnUse.flatMap((use, i): Finding[] => {
      if (use.stockGrams === null || use.grams.high <= use.stockGrams) return [];
      const { units } = r.kit.habits;
      const short = use.grams.value > use.stockGrams;
      const option = yarnOption(r, use.yarnId);
      const fix = standIn(r, i, use.grams.high);
      const have = showMass(use.stockGrams, units);
      const need = showMass(use.grams.value, units);
      const missing = ((use.grams.value - use.stockGrams) / use.grams.value) * use.metres.value;
      return [
        {
          code: short ? 'yarn-short' : 'yarn-scarce',
          weight: short ? 'stop' : 'warn',
          place: option ? { option } : {},
          sentence: short
            ? `Not enough ${use.name}: ${need} needed, ${have} at hand; about ${showRun(missing, units)} short.`
            : `${use.name} may run out: ${need} expected, up to ${showMass(use.grams.high, units)}, ${have} at hand.`,
          ...(fix ? { fix } : {})
        }
      ];
    })
};
