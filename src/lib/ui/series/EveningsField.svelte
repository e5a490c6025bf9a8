<script lang="ts">
  import type { Series } from '$lib/store/records/series';
  import CountField from '../options/CountField.svelte';

  type Evenings = Series['evenings'];
  let { evenings, onevenings }: { evenings: Evenings; onevenings: (evenings: Evenings) => void } = $props();
  const uid = $props.id();
  const DAYS = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'];
  const toggle = (day: number): void => {
    const days = evenings.days.includes(day)
      ? evenings.days.filter((d) => d !== day)
      : [...evenings.days, day].sort((a, b) => a - b);
    // A series that is worked on on no day is never done.
    if (days.length > 0) onevenings({ ...evenings, days });
  };
</script>

<fieldset class="min-w-0">
  <legend class="mb-1 font-semibold">Worked on</legend>
  <div class="flex flex-wrap gap-1.5">
    {#each DAYS as day, i (day)}
      <label
        class="flex min-h-10 cursor-pointer items-center rounded-md border border-base-300 px-3 has-checked:border-primary has-checked:bg-primary has-checked:text-primary-content has-focus-visible:outline-3 has-focus-visible:outline-accent"
      >
        <input
          type="checkbox"
          class="sr-only"
          checked={evenings.days.includes(i + 1)}
          onchange={() => toggle(i + 1)}
        />{day}
      </label>
    {/each}
  </div>
  <div class="mt-2 grid grid-cols-2 gap-3">
    <CountField
      label="Minutes an evening"
      value={evenings.minutes}
      min={10}
      max={600}
      onvalue={(minutes) => onevenings({ ...evenings, minutes })}
    />
    <label class="block" for="{uid}-at">
      <span class="mb-1 block font-semibold">From</span>
      <input
        id="{uid}-at"
        type="time"
        class="input w-full text-base"
        value={evenings.at}
        onchange={(e) => e.currentTarget.value && onevenings({ ...evenings, at: e.currentTarget.value })}
      />
    </label>
  </div>
</fieldset>
