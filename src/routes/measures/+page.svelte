<script lang="ts">
  import { removeOne } from '$lib/store/delete';
  import { deleting } from '$lib/ui/frame/deleting';
  import { differenceInMonths } from 'date-fns/differenceInMonths';
  import { format } from 'date-fns/format';
  import { parseISO } from 'date-fns/parseISO';
  import Plus from '@lucide/svelte/icons/plus';
  import Trash from '@lucide/svelte/icons/trash';
  import { keeping } from '$lib/ui/frame/keeping';
  import { type Age, measureOf, MEASURES, SIZE_TABLES } from '$lib/core/body';
  import { showLength } from '$lib/core/quantity';
  import { loadKit } from '$lib/store/kit';
  import { changePerson, type PersonChange } from '$lib/store/people';
  import { Person } from '$lib/store/records/person';
  import ChoiceField from '$lib/ui/options/ChoiceField.svelte';
  import LengthField from '$lib/ui/options/LengthField.svelte';
  import TextField from '$lib/ui/options/TextField.svelte';
  import { db } from '$lib/ui/state/db';
  import { live } from '$lib/ui/state/live.svelte';
  import { Picked } from '$lib/ui/state/picked.svelte';

  const source = live(async () => {
    const [kit, people] = await Promise.all([loadKit(db()), db().people.toArray()]);
    return {
      units: kit?.habits.units ?? ('metric' as const),
      people: people.sort((a, b) => a.name.localeCompare(b.name))
    };
  });
  const units = $derived(source.value?.units ?? 'metric');
  const people = $derived(source.value?.people ?? []);
  const picked = new Picked(() => people);
  const person = $derived(picked.one);
  const AGE_CHOICES = [
    { value: 'adult', label: 'Adult' },
    { value: 'child', label: 'Child' },
    { value: 'baby', label: 'Baby' }
  ];
  /** When a measure was taken, and that it is old: children grow. */
  function takenOn(code: string): string {
    const on = person?.taken?.[code];
    if (!on) return '';
    const months = differenceInMonths(new Date(), parseISO(on));
    const old = months >= (person.age === 'adult' ? 36 : 6);
    return `Taken ${format(parseISO(on), 'd MMM yyyy')}${old ? ': measure again.' : '.'}`;
  }
  const BODY = MEASURES.filter((m) => !/^(mug|bottle)/.test(m.code));

  async function add(): Promise<void> {
    const id = crypto.randomUUID();
    const fresh = Person.parse({ id, name: `Person ${people.length + 1}` });
    await picked.add(id, () => keeping(() => db().people.add(fresh)));
  }
  const keep = (change: PersonChange): void => {
    if (person) void keeping(() => changePerson(db(), person.id, change));
  };
  async function remove(gone: Person): Promise<void> {
    await deleting(gone.name, () => removeOne(db(), 'person', gone.id, gone.name));
  }
</script>

<svelte:head><title>Measures · Tomble</title></svelte:head>

<div class="page">
  <h1 class="text-3xl font-bold">Measures</h1>
  <div class="mt-4 grid grid-cols-1 gap-5 lg:grid-cols-[17rem_minmax(0,1fr)]">
    <section aria-label="People">
      <h2 class="mb-2 text-xl font-semibold">People you knit for</h2>
      <ul class="space-y-2">
        {#each people as each (each.id)}
          <li>
            <button
              type="button"
              class="w-full cursor-pointer rounded-box border-2 bg-base-100 p-3 text-left {each.id === person?.id
                ? 'border-primary'
                : 'border-base-300 hover:border-base-content/40'}"
              aria-pressed={each.id === person?.id}
              onclick={() => picked.pick(each.id)}
            >
              <span class="block font-semibold">{each.name}</span>
              <span class="block text-sm quiet">{Object.keys(each.measures).length} measures</span>
            </button>
          </li>
        {/each}
      </ul>
      {#if source.value && !people.length}<p class="quiet">
          Nobody yet. Measures stay in this browser; nothing is sent anywhere.
        </p>{/if}
      <button type="button" class="btn mt-3 btn-quiet" onclick={add}><Plus class="size-4" /> Add a person</button>
    </section>
    {#if person}
      {#key person.id}
        <section class="sheet p-4" aria-label="Measures of {person.name}">
          <div class="grid grid-cols-1 gap-x-5 gap-y-1 sm:grid-cols-2 xl:grid-cols-3">
            <TextField label="Name" value={person.name} most={60} onvalue={(name) => keep({ name })} />
            <ChoiceField
              label="Age"
              help="Cautions go by it."
              value={person.age ?? ''}
              choices={AGE_CHOICES}
              onvalue={(age) => keep({ age: age as Age })}
            />
            {#each BODY as m (m.code)}
              <LengthField
                label={m.label}
                help={takenOn(m.code) ? `${m.how} ${takenOn(m.code)}` : m.how}
                valueMm={person.measures[m.code] ?? null}
                minMm={m.minMm}
                maxMm={m.maxMm}
                {units}
                optional
                onvalue={(mm) => keep({ measures: { [m.code]: mm } })}
              />
            {/each}
            <TextField label="Note" value={person.note} most={500} optional onvalue={(note) => keep({ note })} />
          </div>
          <p class="mt-2 flex items-center gap-3 text-sm quiet">
            Kept in this browser only.
            <button type="button" class="btn btn-ghost btn-sm" onclick={() => remove(person)}
              ><Trash class="size-4" /> Delete {person.name}</button
            >
          </p>
        </section>
      {/key}
    {/if}
  </div>
  <h2 class="mt-8 mb-3 text-xl font-semibold">Usual sizes, where nobody can be measured</h2>
  <div class="grid grid-cols-1 gap-5 md:grid-cols-2 xl:grid-cols-3">
    {#each SIZE_TABLES as table (table.title)}
      {@const codes = Object.keys(table.sizes[0]!.measures)}
      <section class="sheet p-4" aria-label={table.title}>
        <h3 class="font-semibold">{table.title}</h3>
        <table class="mt-2 w-full text-left text-sm">
          <thead class="quiet"
            ><tr
              ><th class="py-1 font-medium">Size</th>{#each codes as code (code)}<th class="text-right font-medium"
                  >{measureOf(code)?.label}</th
                >{/each}</tr
            ></thead
          >
          <tbody>
            {#each table.sizes as size (size.size)}
              <tr class="border-t border-base-300"
                ><td class="py-1">{size.size}</td>{#each codes as code (code)}<td class="text-right numerals"
                    >{showLength(size.measures[code] ?? 0, units)}</td
                  >{/each}</tr
              >
            {/each}
          </tbody>
        </table>
        <p class="mt-1 text-xs quiet">Source: {table.source}.</p>
      </section>
    {/each}
  </div>
</div>
