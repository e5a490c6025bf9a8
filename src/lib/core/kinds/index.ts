import { type Kit, type Machine, newestFirst } from '../kit';
import { bandHat } from './band-hat';
import { blanket } from './blanket';
import { bottleCosy } from './bottle-cosy';
import { brimHat } from './brim-hat';
import { cardigan } from './cardigan';
import { cowl } from './cowl';
import { earHat } from './ear-hat';
import { foldedBag } from './folded-bag';
import { freeTube } from './free-tube';
import { garland } from './garland';
import { gatheredHat } from './gathered-hat';
import { headband } from './headband';
import type { Kind } from './kind';
import { linedHat } from './lined-hat';
import { mugWrap } from './mug-wrap';
import { panel } from './panel';
import { panelTube } from './panel-tube';
import { pennant } from './pennant';
import { pompom } from './pompom';
import { sack } from './sack';
import { scarf } from './scarf';
import { socks } from './socks';
import { strap } from './strap';
import { toyFigure } from './toy-figure';
import { toyLong } from './toy-long';
import { toyRound } from './toy-round';
import { tubeTop } from './tube-top';
import { waistcoat } from './waistcoat';
import { warmers } from './warmers';
import { widePanel } from './wide-panel';
import { wrap } from './wrap';

/** Every kind of project, in the order they are offered. */
export const KINDS: readonly Kind[] = [
  linedHat,
  bandHat,
  earHat,
  brimHat,
  gatheredHat,
  scarf,
  cowl,
  headband,
  warmers,
  socks,
  tubeTop,
  wrap,
  foldedBag,
  sack,
  mugWrap,
  bottleCosy,
  toyLong,
  toyRound,
  toyFigure,
  waistcoat,
  cardigan,
  panel,
  panelTube,
  strap,
  pennant,
  blanket,
  widePanel,
  garland,
  pompom,
  freeTube
] as unknown as readonly Kind[];

/** The kind of that code, or undefined. @example kindOf('lined-hat')?.title // 'Lined hat' */
export const kindOf = (code: string): Kind | undefined => KINDS.find((kind) => kind.code === code);

/** A free ring is preferred to a busy one that is nearer to the usual by less than so many pins (own estimate, no source). */
const BUSY_PINS = 12;

/** The newest ring of one's own is preferred to an older one that is nearer to the usual by less than so many pins (own estimate, no source). */
const NEWEST_PINS = 8;

/**
 * The machines of a kit, the one a kind is best begun on first: those it is made for, nearest to the usual ring, the newest of
 * one's own and free ones before others where they are alike.
 *
 * @param busy ids of machines something hangs on
 * @example machinesFor(socks, kit)[0].pins // 22
 */
export function machinesFor(kind: Kind, kit: Kit, busy: readonly string[] = []): Machine[] {
  const newestOwn = [...kit.machines].sort(newestFirst)[0];
  const rank = (m: Machine): number => {
    const fits = m.pins >= kind.pins.from && m.pins <= kind.pins.to;
    const newest = m.addedAt !== undefined && m === newestOwn;
    return (
      (fits ? 0 : 10_000) -
      (newest ? NEWEST_PINS : 0) +
      (busy.includes(m.id) ? BUSY_PINS : 0) +
      Math.abs(m.pins - kind.pins.usual)
    );
  };
  return [...kit.machines].sort((a, b) => rank(a) - rank(b));
}

export { FAMILIES, type Kind } from './kind';
export { LinedHatOptions } from './lined-hat';
