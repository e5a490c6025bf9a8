<script lang="ts">
  import { readCount, wordFault } from '$lib/core/quantity';
  import type { OwnPlace, OwnPlaces } from './own-place';

  /** Where a step of one's own comes: before an act, after a row at the crank, or at the end. */
  interface Props {
    /** What it is called for those who cannot see it. */
    label: string;
    place: OwnPlace;
    places: OwnPlaces;
    small?: boolean;
    onplace: (place: OwnPlace) => void;
  }
  let { label, place, places, small = false, onplace }: Props = $props();
  const value = $derived(place.at === 'act' ? `act ${place.id}` : place.at === 'row' ? `row ${place.piece}` : place.at);
  let fault = $state('');
  const uid = $props.id();
  const most = $derived(place.at === 'row' ? (places.pieces[place.piece]?.rows ?? 0) : 0);

  function choose(chosen: string): void {
    fault = '';
    const [at, ...rest] = chosen.split(' ');
    const id = rest.join(' ');
    if (at === 'end') onplace({ at: 'end' });
    if (at === 'act') onplace({ at: 'act', id });
    if (at === 'row') onplace({ at: 'row', piece: Number(id), row: Math.min(10, places.pieces[Number(id)]!.rows) });
  }
  function count(text: string): void {
    if (place.at !== 'row') return;
    const read = readCount(text, { field: 'After row', min: 0, max: most });
    fault = read.ok ? '' : wordFault(read.fault);
    if (read.ok) onplace({ ...place, row: read.value });
  }
</script>

<select
  class="select min-w-40 flex-1 {small ? 'max-w-60 select-sm' : 'text-base'}"
  aria-label={label}
  {value}
  onchange={(e) => choose(e.currentTarget.value)}
>
  {#if place.at === 'gone'}<option value="gone" disabled>Its place is gone: choose another</option>{/if}
  <option value="end">At the end</option>
  {#if places.pieces.length}
    <optgroup label="At the crank">
      {#each places.pieces as piece, p (p)}<option value="row {p}">After a row of: {piece.label}</option>{/each}
    </optgroup>
  {/if}
  <optgroup label="When finishing">
    {#each places.acts as act, i (act.id)}<option value="act {act.id}" label="Before {i + 1}: {act.title}"
      ></option>{/each}
  </optgroup>
</select>
{#if place.at === 'row'}
  <label class="flex items-center gap-2 {small ? 'text-sm' : ''}"
    >after row
    <input
      type="text"
      inputmode="numeric"
      class="input w-20 numerals {small ? 'input-sm' : ''}"
      class:input-error={fault}
      aria-label="{label}: after row"
      aria-invalid={fault ? 'true' : undefined}
      aria-describedby="{uid}-fault"
      value={place.row}
      onchange={(e) => count(e.currentTarget.value)}
    />
    <span class="quiet">of {most}</span></label
  >
  {#if fault}<p id="{uid}-fault" class="basis-full text-sm font-semibold text-error" role="alert">{fault}</p>{/if}
{/if}
