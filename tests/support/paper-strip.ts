import type { Seen } from './paper-tube';

/**
 * A closed tube pressed flat, as two walls of paper in a cut across it. The strip is laid into a ring, folded into a pouch, or
 * chained to another: then one of its walls faces a person outside and the other one a person who looks in. It knows nothing
 * of layers; what is seen follows from where a wall lies and where its knit side faces.
 */
interface Wall {
  /** Distance from the middle of the strip, away from the axis of the ring it is laid into. */
  readonly r: number;
  /** Direction of the knit side: 1 away from the axis, -1 towards it. */
  readonly normal: 1 | -1;
}

export class PaperStrip {
  #walls: readonly Wall[];

  /** @param out the face that lay outside while it was a tube */
  constructor(out: Seen['face']) {
    const away = out === 'knit' ? 1 : -1;
    // Pressed flat, what faced outwards all round faces up on one wall and down on the other.
    this.#walls = [
      { r: 1, normal: away },
      { r: -1, normal: away === 1 ? -1 : 1 }
    ];
  }

  /** Rolled over its own edges all round: half a turn of the cut about its middle. */
  rollOver(): void {
    this.#walls = this.#walls.map(({ r, normal }) => ({ r: -r, normal: normal === 1 ? -1 : 1 }));
  }

  /** The face a person sees from outside. */
  outside(): Seen['face'] {
    const wall = this.#walls.reduce((a, b) => (a.r > b.r ? a : b));
    return wall.normal === 1 ? 'knit' : 'purl';
  }

  /** The face a person sees by looking in. */
  inside(): Seen['face'] {
    const wall = this.#walls.reduce((a, b) => (a.r < b.r ? a : b));
    return wall.normal === -1 ? 'knit' : 'purl';
  }
}
