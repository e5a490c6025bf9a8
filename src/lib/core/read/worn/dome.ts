/** One layer over a head, from the side: half a ball, then straight down; a short hat ends on the ball. Lengths in mm. */
interface Dome {
  /** Height of the layer as it is seen. */
  readonly bodyMm: number;
  /** Half width at a share of that height, from the crown down. */
  readonly half: (share: number) => number;
}

/**
 * The outline of a layer on a head.
 *
 * @param radiusMm of the head
 * @param arcMm distance from the crown that the layer reaches, along the head
 * @example domeOf(90, 200).bodyMm // about 149
 */
export function domeOf(radiusMm: number, arcMm: number): Dome {
  const quarter = radiusMm * (Math.PI / 2);
  const bodyMm = arcMm >= quarter ? radiusMm + arcMm - quarter : radiusMm * (1 - Math.cos(arcMm / radiusMm));
  return {
    bodyMm,
    half: (share) => {
      const depth = Math.min(1, (share * bodyMm) / radiusMm);
      return radiusMm * Math.sqrt(Math.max(0, 1 - (1 - depth) ** 2));
    }
  };
}
