/** One yarn in the place of another, on its way to a plan. */
export interface Swap {
  readonly from: string;
  readonly to: string;
  readonly strands: number;
}
