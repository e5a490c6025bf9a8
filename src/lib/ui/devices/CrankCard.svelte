<script lang="ts">
  import { serialDevice, serialOffered, virtualCrank } from '$lib/devices';
  import NumberField from '$lib/ui/options/NumberField.svelte';
  import SwitchField from '$lib/ui/options/SwitchField.svelte';
  import { crankLink } from './connected.svelte';

  let turnsPerMinute = $state(40);
  let jitter = $state(15);
  let doubles = $state(3);
  let missed = $state(1);
  let numbered = $state(true);
  const tally = $derived(crankLink.tally);
  const start = (): void =>
    void crankLink.connect(
      virtualCrank({ turnsPerMinute, jitter: jitter / 100, doubles: doubles / 100, missed: missed / 100, numbered, seed: 7 }) // prettier-ignore
    );
</script>

<section class="rounded-box border-2 border-base-300 bg-base-100 p-4 sm:p-5" aria-labelledby="crank-card">
  <h2 id="crank-card" class="text-xl font-bold">A sensor at the crank</h2>
  <p class="mt-1 quiet">It sends a line a turn, and every turn is a row at the crank of a project.</p>

  <div class="mt-4 grid gap-4 sm:grid-cols-[auto_1fr] sm:gap-6">
    <div class="min-w-40">
      <p class="numerals font-display text-7xl leading-none font-bold" data-testid="turns">{tally.turns}</p>
      <p class="mt-1" data-testid="pace">
        turns{crankLink.perMinute === null ? '' : `, ${Math.round(crankLink.perMinute)} a minute`}
      </p>
    </div>
    <dl class="grid max-w-sm grid-cols-[1fr_auto] content-start gap-x-6 gap-y-1 self-center">
      <dt>Seen twice, dropped</dt>
      <dd class="text-right numerals font-semibold" data-testid="doubles">{tally.doubles}</dd>
      <dt>Lost on the way, caught up</dt>
      <dd class="text-right numerals font-semibold" data-testid="caught-up">{tally.caughtUp}</dd>
      <dt>Turned with no piece at the crank</dt>
      <dd class="text-right numerals font-semibold" data-testid="unheard">{crankLink.unheard}</dd>
      <dt>Perhaps missed: you are asked</dt>
      <dd class="text-right numerals font-semibold" data-testid="doubts">{tally.doubts}</dd>
    </dl>
  </div>

  <div class="mt-4 flex flex-wrap items-center gap-2" aria-live="polite">
    {#if crankLink.name}
      <p class="mr-2 font-semibold" data-testid="crank-state">{crankLink.name}: listening</p>
      <button type="button" class="btn btn-primary" onclick={() => void crankLink.close()}>Let it go</button>
    {:else}
      <button
        type="button"
        class="btn btn-primary"
        disabled={!serialOffered()}
        onclick={() => void crankLink.connect(serialDevice('crank'))}>Connect a sensor</button
      >
      <button type="button" class="btn btn-quiet" onclick={start}>Start the virtual crank</button>
    {/if}
    {#if crankLink.trouble}<p class="w-full text-error" role="alert">{crankLink.trouble}</p>{/if}
    {#if !serialOffered()}<p class="w-full text-sm quiet">
        This browser does not let pages talk to serial ports; a pedal that acts as a keyboard works everywhere.
      </p>{/if}
  </div>

  <details class="mt-4">
    <summary class="cursor-pointer font-semibold">How the virtual crank turns</summary>
    <div class="mt-3 grid gap-4 sm:grid-cols-2">
      <NumberField
        label="Turns a minute"
        value={turnsPerMinute}
        min={5}
        max={300}
        onvalue={(v) => v !== null && (turnsPerMinute = v)}
      />
      <NumberField
        label="Unevenness"
        unit="%"
        value={jitter}
        min={0}
        max={25}
        onvalue={(v) => v !== null && (jitter = v)}
      />
      <NumberField
        label="Turns that bounce"
        unit="%"
        value={doubles}
        min={0}
        max={30}
        onvalue={(v) => v !== null && (doubles = v)}
      />
      <NumberField
        label="Lines that are lost"
        unit="%"
        value={missed}
        min={0}
        max={30}
        onvalue={(v) => v !== null && (missed = v)}
      />
      <SwitchField
        label="The sensor numbers its turns"
        help="Then a line that is lost is caught up. Without numbers nobody can know, and you are asked."
        value={numbered}
        onvalue={(v) => (numbered = v)}
      />
    </div>
    <p class="mt-2 text-sm quiet">What is set here holds from the next start on.</p>
  </details>
</section>
