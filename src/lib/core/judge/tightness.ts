import { pieceAt, yarnOfFeed } from '../knit';
import {
  heldTex,
  isLarge,
  machineOf,
  NET_BELOW,
  strandTex,
  STRUGGLE_ABOVE,
  tightness as factor,
  type Yarn
} from '../kit';
import { finder, type Finding, type Fix } from '../plan';
import { workRows } from '../read';
import { yarnOption } from './options';
import type { Judge, Readings } from './readings';
import { strandsOf } from './remedies';

interface Tight {
  readonly yarn: string;
  readonly tex: number;
  readonly strands: number;
  readonly factor: number;
  readonly limit: number;
  readonly large: boolean;
}

/** Facts of a yarn that does not suit the hooks. */
export interface TightnessFacts {
  'yarn-thick': Tight;
  'yarn-thin': Tight;
}
const find = finder<TightnessFacts>();

/** Other numbers of strands, up to three, the nearest to now first; those at which the yarn sits well before the rest. */
function otherStrands(r: Readings, yarn: Yarn, loopMm: number, thick: boolean): Fix[] {
  const sits = (strands: number): boolean => {
    const k = factor(strandTex(yarn) * strands, loopMm);
    return k >= NET_BELOW && k <= STRUGGLE_ABOVE;
  };
  return [1, 2, 3]
    .filter((strands) => (thick ? strands < yarn.strands : strands > yarn.strands))
    .sort((a, b) => Number(sits(b)) - Number(sits(a)) || Math.abs(a - yarn.strands) - Math.abs(b - yarn.strands))
    .map((strands) => strandsOf(r, yarn.id, strands));
}

/** Yarn too thick or too thin for the hooks. */
export const tightness: Judge = {
  code: 'tightness',
  watches: 'yarn too thick or too thin for the machine',
  find: (r) => {
    // Each yarn once, on the first piece it knits; where some of its rows are tighter, once in those that it does not suit.
    const knitted = new Map<number, { readonly p: number; readonly feeds: readonly number[] }>();
    r.fabric.pieces.forEach((piece, p) => {
      const feeds = new Set<number>();
      for (const { purpose, feed } of piece.runs) if (purpose === 0) feeds.add(feed);
      for (const yarn of workRows(piece).keys())
        if (!knitted.has(yarn))
          knitted.set(yarn, { p, feeds: [...feeds].filter((f) => yarnOfFeed(f, r.yarns.length) === yarn) });
    });
    return [...knitted].flatMap(([i, { p, feeds }]): Finding[] => {
      const yarn = r.yarns[i]!;
      const { gauges, planned } = pieceAt(r, p);
      const factors = feeds.map((f) => factor(heldTex(yarn), gauges[f]!.loopMm));
      const at = factors.findIndex((f) => f < NET_BELOW || f > STRUGGLE_ABOVE);
      if (at < 0) return [];
      const k = factors[at]!;
      const { loopMm } = gauges[feeds[at]!]!;
      const thick = k > STRUGGLE_ABOVE;
      const option = yarnOption(r, yarn.id);
      return [
        find(
          thick ? 'yarn-thick' : 'yarn-thin',
          'warn',
          option ? { option } : {},
          {
            yarn: yarn.id,
            tex: heldTex(yarn),
            strands: yarn.strands,
            factor: k,
            limit: thick ? STRUGGLE_ABOVE : NET_BELOW,
            large: isLarge(machineOf(r.kit, planned.machineId))
          },
          ...otherStrands(r, yarn, loopMm, thick)
        )
      ];
    });
  }
};
