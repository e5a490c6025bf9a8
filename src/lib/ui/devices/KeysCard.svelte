<script lang="ts">
  const KEYS = [
    ['Space or Enter', 'a row, or done'],
    ['Backspace or U', 'undo'],
    ['Arrow keys', 'pictures, step by step'],
    ['F', 'something went wrong'],
    ['G', 'set the count']
  ] as const;
  let pressed = $state(0);
  let last = $state('');

  function press(event: KeyboardEvent): void {
    if (event.key === 'Tab' || event.repeat) return;
    event.preventDefault();
    last = event.key === ' ' ? 'Space' : event.key;
    if (event.key === ' ' || event.key === 'Enter') pressed += 1;
  }
</script>

<section class="rounded-box border-2 border-base-300 bg-base-100 p-4 sm:p-5" aria-labelledby="keys-card">
  <h2 id="keys-card" class="text-xl font-bold">Keys and a pedal</h2>
  <p class="mt-1 quiet">
    A pedal that acts as a keyboard works as it is: one press, one row. A key held down is one press.
  </p>
  <dl class="mt-4 grid max-w-sm grid-cols-[auto_1fr] gap-x-5 gap-y-1.5">
    {#each KEYS as [key, what] (key)}
      <dt><kbd class="font-sans font-semibold">{key}</kbd></dt>
      <dd>{what}</dd>
    {/each}
  </dl>
  <!-- svelte-ignore a11y_no_noninteractive_tabindex, a11y_no_noninteractive_element_interactions -->
  <div
    class="mt-4 rounded-box border-2 border-dashed border-base-content/40 p-4 focus:border-accent"
    role="group"
    tabindex="0"
    aria-label="Try a key or the pedal here"
    onkeydown={press}
    data-testid="try-keys"
  >
    <p class="text-lg">
      Touch here and press: <strong class="numerals" data-testid="presses">{pressed}</strong>
      {pressed === 1 ? 'row' : 'rows'}{last ? `, last key ${last}` : ''}
    </p>
  </div>
</section>
