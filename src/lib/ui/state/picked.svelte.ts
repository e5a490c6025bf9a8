/**
 * Which one of a list is looked at: the first until another is picked. One that is on its way into the list is waited for, and
 * nothing is looked at until it is there: what is typed meanwhile must not go to one of the others.
 *
 * @example
 * const picked = new Picked(() => people);
 * await picked.add(fresh.id, () => keeping(() => db().people.add(fresh)));
 * picked.one // the fresh one, once the list has it
 */
export class Picked<T extends { readonly id: string }> {
  readonly #list: () => readonly T[];
  #id = $state('');
  #coming = $state('');

  constructor(list: () => readonly T[]) {
    this.#list = list;
    $effect(() => {
      if (this.#list().some(({ id }) => id === this.#coming)) this.#coming = '';
    });
  }

  readonly one = $derived.by((): T | undefined => {
    const list = this.#list();
    return list.find(({ id }) => id === this.#id) ?? (this.#coming === '' ? list[0] : undefined);
  });

  pick(id: string): void {
    [this.#id, this.#coming] = [id, ''];
  }

  /**
   * Looks at one that is added.
   *
   * @param keep keeps it; false where that could not be done: then what was looked at before is looked at again
   */
  async add(id: string, keep: () => Promise<boolean>): Promise<void> {
    const before = this.#id;
    [this.#id, this.#coming] = [id, id];
    // Somebody may have picked another one meanwhile.
    if (!(await keep()) && this.#coming === id) this.pick(before);
  }
}
