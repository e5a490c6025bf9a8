import { begun, small } from './pieces';

/** A request for the plan of a lined hat, as a program sends it. */
export const hatRequest = (): string =>
  JSON.stringify({ kit: small, brief: begun.find((brief) => brief.kind === 'lined-hat') });
