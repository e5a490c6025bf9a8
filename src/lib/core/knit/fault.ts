/**
 * What can go wrong while a row is cranked. The trainer and the troubleshooter run the same machine with these.
 */
export type CrankFault =
  /** The yarn missed the hook: no stitch on that pin in that row. */
  | { readonly kind: 'missed-hook'; readonly piece: number; readonly row: number; readonly pin: number }
  /** Two rows lie on one pin. */
  | { readonly kind: 'tuck'; readonly piece: number; readonly row: number; readonly pin: number }
  /** The crank was turned back over some pins: the yarn lies on them twice. */
  | {
      readonly kind: 'wrong-turn';
      readonly piece: number;
      readonly row: number;
      readonly pin: number;
      readonly pins: number;
    };
