import { takeBack } from '$lib/store/bin';
import { db } from '../state/db';
import { keeping } from './keeping';
import { tell } from './tell.svelte';

/**
 * Deletes something, which lies in the bin then, and says so with a way back.
 *
 * @param title what is said to be deleted
 * @param work deletes it and returns its entry in the bin
 * @returns whether it is gone
 * @example await deleting(person.name, () => removeOne(db(), 'person', person.id, person.name));
 */
export async function deleting(title: string, work: () => Promise<string | null>): Promise<boolean> {
  let entry: string | null = null;
  if (!(await keeping(async () => (entry = await work())))) return false;
  const undo = (id: string) => ({ label: 'Undo', onClick: () => void keeping(() => takeBack(db(), id)) });
  void tell(`Deleted: ${title}`, entry === null ? undefined : undo(entry));
  return true;
}
