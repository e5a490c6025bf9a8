/** Pins of the usual machines (craft 1). */
export const USUAL_PINS = [20, 22, 40, 44, 46, 48] as const;
