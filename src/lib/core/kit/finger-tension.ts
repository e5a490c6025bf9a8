/** How the knitter lets the yarn run through the fingers: it is part of what a gauge belongs to (craft 5). */
export const FINGER_TENSIONS = ['loose', 'usual', 'firm'] as const;
export type FingerTension = (typeof FINGER_TENSIONS)[number];
