/**
 * What shows passing words. A step further away than where it is asked for: the framework puts the styles of whatever is
 * loaded one step away on every page, and most visits say no such word.
 */
export const toasts = (): Promise<typeof import('svelte-sonner')> => import('svelte-sonner');
