import { type Kit, rulesOf, type Yarn, yarnOf } from '../../kit';
import { plainlyOther } from './pick';

/** Yarns that waste may take: chosen once, so that every piece of a project has the same. */
export interface Spare {
  /** Yarn of the waste rows; null where no yarn that the work leaves over is plain to see beside it. */
  readonly waste: string | null;
  /** Yarn of the separator row; null likewise. */
  readonly separator: string | null;
  /** Yarns that are gone: replaced by another. */
  readonly without: readonly string[];
}

/** What a brief says of its yarns, as far as waste goes by it. */
interface Named {
  /** Yarns the work is knitted in. */
  readonly work: readonly string[];
  /** Further yarns that something of the project is made of: patches, pompoms. */
  readonly more: readonly string[];
  readonly without: readonly string[];
  /** The waste yarn the knitter chose; null for none. */
  readonly chosen: string | null;
}

/**
 * Chooses the waste yarn and the separator's of a project: yarn the work does not need, plainly another colour than everything
 * it is knitted in. Nothing is chosen where there is none; each piece then takes what differs most from its own edge. Plans of
 * the fifth edition and before choose by each piece.
 *
 * @example spareOf(kit, { work: ['red', 'blue'], more: [], without: [], chosen: null }).waste // 'lemon'
 */
export function spareOf(kit: Kit, { work, more, without, chosen }: Named): Spare {
  if (!rulesOf(kit).oneWaste) return { waste: null, separator: null, without: [] };
  const needed = new Set([...work, ...more, ...without]);
  const left = (y: Yarn): boolean => !needed.has(y.id) && y.stockGrams !== 0;
  const beside = [...new Set(work)].map((id) => yarnOf(kit, id));
  const waste = chosen ?? plainlyOther(kit, beside, left);
  const rest = waste && plainlyOther(kit, [...beside, yarnOf(kit, waste)], (y) => left(y) && y.id !== waste);
  return { waste, separator: rest ?? null, without };
}
