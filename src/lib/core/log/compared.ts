/** One figure of a finished piece: what was measured beside what was planned. */
export interface Compared {
  readonly label: string;
  readonly unit: 'mm' | 'g';
  readonly got: number;
  readonly planned: number;
  /** Range of the plan; the plan itself where none was kept. */
  readonly low: number;
  readonly high: number;
}

/** How far off a figure is, as a share of the plan: 0.03 is three percent over; null where nothing was planned. */
export const offBy = ({ got, planned }: Pick<Compared, 'got' | 'planned'>): number | null =>
  planned > 0 ? got / planned - 1 : null;

/** Whether a figure lies where the plan had said it would. */
export const within = ({ got, low, high }: Pick<Compared, 'got' | 'low' | 'high'>): boolean =>
  got >= low && got <= high;
