/**
 * Why the machine cannot do an operation now: a code and its facts, worded elsewhere.
 */
export interface MachineFacts {
  readonly 'pins-empty': { readonly needs: 'rehang' | 'drop' | 'shape' | 'float' | 'begin' | 'knit' | 'off' };
  readonly 'pins-full': Record<never, never>;
  readonly 'pin-out-of-reach': { readonly from: number; readonly to: number; readonly of: 'machine' | 'piece' | 'panel'; readonly pins: number; readonly first: number }; // prettier-ignore
  readonly 'rehang-row': { readonly row: number; readonly why: 'not-knitted' | 'waste' | 'on-pins' | 'doubled'; readonly rows: number }; // prettier-ignore
  readonly 'ladder-pin': { readonly pin: number; readonly twice: boolean };
  readonly 'tube-shaped': { readonly begin: boolean };
  readonly 'no-stitches': { readonly float: boolean; readonly stitches: number };
  readonly 'several-at-once': Record<never, never>;
  readonly 'increase-reach': { readonly pin: number };
  readonly 'too-few': { readonly asked: number; readonly live: number; readonly fashioned: boolean };
  readonly 'far-edge': { readonly doing: 'decrease' | 'increase' | 'hold'; readonly yarnPin: number };
  readonly 'float-edge': { readonly pin: number };
  /** A hole the guide of the machine does not have. */
  readonly 'no-hole': { readonly hole: number; readonly holes: number };
  /** Another hole, while the same yarn runs through one. */
  readonly 'hole-threaded': { readonly hole: number; readonly threaded: number };
  readonly 'no-rows': { readonly rows: number };
  readonly 'no-counter': Record<never, never>;
  readonly 'too-many-rows': { readonly rows: number };
  readonly 'left-on-pins': Record<never, never>;
}
export type MachineCode = keyof MachineFacts;

/** One refusal of the machine. */
export type MachineNo = { readonly [C in MachineCode]: { readonly code: C } & MachineFacts[C] }[MachineCode];
