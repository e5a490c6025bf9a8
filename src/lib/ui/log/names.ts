/** What length and width of the tube are called, which entries of the log keep without a word. */
export const TUBE_FIGURES = { length: 'Length of the tube', width: 'Flat width' } as const;
