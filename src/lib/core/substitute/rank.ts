import {
  colourDifference,
  heldTex,
  type Kit,
  NET_BELOW,
  strandTex,
  STRUGGLE_ABOVE,
  tightness,
  type Yarn
} from '../kit';

/** A yarn with the strands it would be knitted with. */
export interface Candidate {
  readonly yarn: Yarn;
  readonly strands: number;
}

/** Thicknesses that differ by less, as a share, are taken for one: colour decides between them (own estimate, no source). */
const ONE_THICKNESS = 0.05;

/**
 * The yarns of a kit in the order in which it is worth planning them, without planning any: nearest in thickness as they are
 * usually held, then nearest in colour. Yarn that is used up comes last.
 *
 * @returns every yarn of the kit but the one itself
 * @example rankedYarns(kit, red).slice(0, 20)
 */
export function rankedYarns(kit: Pick<Kit, 'yarns'>, own: Yarn): Candidate[] {
  const tex = heldTex(own);
  return kit.yarns
    .filter((y) => y.id !== own.id)
    .map((yarn) => ({
      yarn,
      gone: yarn.stockGrams === 0 ? 1 : 0,
      apart: Math.round(Math.abs(Math.log(heldTex(yarn) / tex)) / ONE_THICKNESS),
      colour: colourDifference(own.colour.hex, yarn.colour.hex)
    }))
    .sort((a, b) => a.gone - b.gone || a.apart - b.apart || a.colour - b.colour)
    .map(({ yarn }) => ({ yarn, strands: yarn.strands }));
}

/**
 * Strands that suit the hooks where one is too thin: two, else three; null where one will do or nothing does.
 *
 * @param loopMm the loop of the yarn that is there now
 */
export function betterStrands(yarn: Yarn, loopMm: number): number | null {
  if (tightness(strandTex(yarn), loopMm) >= NET_BELOW) return null;
  return (
    [2, 3].find((n) => {
      const k = tightness(strandTex(yarn) * n, loopMm);
      return k >= NET_BELOW && k <= STRUGGLE_ABOVE;
    }) ?? null
  );
}
