/** Of what age somebody is, as far as shapes and cautions depend on it. */
export const AGES = ['adult', 'child', 'baby'] as const;
export type Age = (typeof AGES)[number];
