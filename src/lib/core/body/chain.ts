/** How far a chain gives when it is pulled, for example over a head (own estimate, no source). */
export const CHAIN_STRETCH = 0.25;

/**
 * Chains of a loop that passes a head when it is pulled, an even number.
 *
 * @param headMm girth of the head
 * @param per10Cm chains to 10 cm
 * @example chainsPast(580, 15) // 70
 */
export const chainsPast = (headMm: number, per10Cm: number): number =>
  2 * Math.ceil((headMm * per10Cm) / 100 / (1 + CHAIN_STRETCH) / 2);
