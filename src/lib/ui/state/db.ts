import { TombleDb } from '$lib/store/db';

let open: TombleDb | undefined;

/** The one database of this browser tab; opened on first use. */
export const db = (): TombleDb => (open ??= new TombleDb());
