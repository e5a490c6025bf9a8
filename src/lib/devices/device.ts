/** What an outside device can say. Times are milliseconds of one clock that never goes back. */
export type Heard =
  /** The crank went past the sensor; `n` is the sensor's own running number, where it keeps one. */
  | { readonly what: 'turn'; readonly at: number; readonly n: number | null }
  | { readonly what: 'grams'; readonly at: number; readonly grams: number };

/** Ends the listening and gives the device free. */
export type Release = () => Promise<void> | void;

/**
 * A device outside: a sensor at the crank, or a kitchen scale. Real ones and their stand-ins are used alike.
 *
 * @example const release = await virtualCrank(options).open((heard) => console.log(heard)); await release();
 */
export interface Device {
  readonly kind: 'crank' | 'scale';
  /** What it is called on the screen. */
  readonly name: string;
  /**
   * Begins to listen.
   *
   * @param hear told of everything the device says, in order
   * @param lost told once where the device went away by itself
   * @throws DOMException where the browser or the user refuses it
   */
  readonly open: (hear: (heard: Heard) => void, lost?: (why: string) => void) => Promise<Release>;
}
