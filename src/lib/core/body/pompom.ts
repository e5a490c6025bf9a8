/**
 * Diameter of a trimmed pompom: as wide as the card it was wound on, less a little for trimming (own estimate, no
 * source).
 *
 * @param cardMm width of the card the yarn is wound round
 * @example pompomMm(75) // 68
 */
export const pompomMm = (cardMm: number): number => Math.round(cardMm * 0.9);

/** Wraps that make a full ball on a card of 7.5 cm: 60 to 80 (craft 7). */
export const USUAL_WRAPS = 70;

/** Width of the usual card, 10 x 7.5 cm (craft 7). */
export const USUAL_CARD_MM = 75;

/** Length of the thread that ties a pompom: twice round, and ends to fasten it with (own estimate, no source). */
export const POMPOM_TIE_MM = 400;

/** Yarn of a pompom: wraps x 2 x card width (craft 7), in mm. @example pompomYarnMm(70, 75) // 10500 */
export const pompomYarnMm = (wraps: number, cardMm: number): number => wraps * 2 * cardMm;
