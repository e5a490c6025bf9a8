/** One line of the table: what is compared, what it came to, and the most it may be. */
export interface Measure {
  readonly what: string;
  /** By the least disturbed times of both; this is what the limit holds. */
  readonly least: number;
  /** By the usual times of both; the same where there is only one number. */
  readonly median: number;
  /** The most it may be; null where it is only told. */
  readonly limit: number | null;
  /** What the numbers are, where they are no ratios. */
  readonly unit?: '%' | 'ms' | 'frames';
}
