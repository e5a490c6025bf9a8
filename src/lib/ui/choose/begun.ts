/** The project that was begun last by choosing a kind: looked at and left untouched, going back leaves nothing behind. */
export const begun: { id: string | null } = { id: null };
