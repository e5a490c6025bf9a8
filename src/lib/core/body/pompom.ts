/** Trimming loses a few mm all round (craft 7.18, common practice, no source). */
export const TRIM_MM = 3;

/**
 * Diameter of a trimmed pompom: as wide as the card it was wound on, less what trimming takes off all round.
 *
 * @param cardMm width of the card the yarn is wound round
 * @param trimMm taken off all round, mm
 * @example pompomMm(75) // 69
 */
export const pompomMm = (cardMm: number, trimMm: number = TRIM_MM): number =>
  Math.max(0, Math.round(cardMm - 2 * trimMm));

/**
 * Share of a pompom's yarn that falls to the scissors: each wrap is cut into two strands, each trimmed at both its ends.
 *
 * @example trimLoss(75, 3) // 0.08
 */
export const trimLoss = (cardMm: number, trimMm: number): number => Math.min(1, (2 * trimMm) / cardMm);

/** Wraps that make a full ball on a card of 7.5 cm: 60 to 80 (craft 7). */
export const USUAL_WRAPS = 70;

/** Width of the usual card, 10 x 7.5 cm (craft 7). */
export const USUAL_CARD_MM = 75;

/** Length of the thread that ties a pompom: twice round, and ends to fasten it with (own estimate, no source). */
export const POMPOM_TIE_MM = 400;

/** Yarn of a pompom: wraps x 2 x card width (craft 7), in mm. @example pompomYarnMm(70, 75) // 10500 */
export const pompomYarnMm = (wraps: number, cardMm: number): number => wraps * 2 * cardMm;
