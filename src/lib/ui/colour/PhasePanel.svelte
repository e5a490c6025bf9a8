<script lang="ts">
  import { alongRows, cycleMetres, phaseRings, phaseRuns, phaseShow, winding } from '$lib/core/colour';
  import { yarnName } from '$lib/core/kit';
  import { showRun } from '$lib/core/quantity';
  import type { Readings } from '$lib/core/tomble';

  interface Props {
    result: Readings;
    /** How far into its phases each ball is begun, 0 to 1, by yarn. */
    starts: Readonly<Record<string, number>>;
    onstart: (yarnId: string, share: number) => void;
  }
  let { result, starts, onstart }: Props = $props();
  const units = $derived(result.kit.habits.units);
  const rows = $derived(alongRows(result));
  const long = $derived(
    result.yarns.flatMap((yarn, y) => {
      const metres = rows.filter((r) => r.yarn === y && r.work !== null).map((r) => r.metres);
      return yarn.phases.length > 1 && metres.length > 0 ? [{ yarn, metres }] : [];
    })
  );
</script>

{#each long as { yarn, metres } (yarn.id)}
  {@const start = starts[yarn.id] ?? 0}
  {@const cycle = cycleMetres(yarn.phases)}
  {@const show = phaseShow(yarn.phases, metres)}
  {@const runs = phaseRuns(yarn.phases, metres, start * cycle)}
  {@const balls = winding(yarn.phases, yarn.label.metres, start * cycle)}
  <div class="sheet p-4" data-testid="phases">
    <h2 class="text-lg font-semibold">Long phases: {yarnName(yarn)}</h2>
    <p>
      {#if show.most <= 1}
        This piece is too small to show a change: it takes {showRun(
          metres.reduce((s, m) => s + m, 0),
          units
        )}, and one colour goes on for {showRun(show.sureMetres, units)}.
      {:else if show.fewest <= 1}
        Begun in one place of the ball it shows a change, begun in another none. One colour colours about {Math.round(
          show.rowsAPhase
        )} rows.
      {:else}
        It shows {show.fewest === show.most ? show.most : `${show.fewest} to ${show.most}`} colours; one of them colours about
        {Math.round(show.rowsAPhase)} rows.
      {/if}
    </p>
    <label class="mt-2 block text-sm"
      >Begun in the ball at {showRun(start * cycle, units)} of {showRun(cycle, units)}
      <input
        class="range range-sm mt-1 w-full"
        type="range"
        min="0"
        max="1"
        step="0.02"
        value={start}
        oninput={(e) => onstart(yarn.id, Number(e.currentTarget.value))}
      /></label
    >
    <div
      class="mt-2 flex h-9 overflow-hidden rounded-md border border-base-300"
      role="img"
      aria-label="Colours from the first row to the last: {runs.map((r) => yarn.phases[r.phase]!.name).join(', ')}"
    >
      {#each runs as run, i (i)}
        <div
          style:background={yarn.phases[run.phase]!.hex}
          style:width="{(100 * (run.to - run.from)) / metres.length}%"
          title="{yarn.phases[run.phase]!.name}: rows {Math.floor(run.from) + 1} to {Math.ceil(run.to)}"
        ></div>
      {/each}
    </div>
    <ul class="mt-2 text-sm">
      {#each runs as run, i (i)}
        <li>
          <span class="numerals">{Math.floor(run.from) + 1} to {Math.ceil(run.to)}</span>: {yarn.phases[run.phase]!
            .name},
          <span class="numerals">{showRun(run.metres, units)}</span>
        </li>
      {/each}
    </ul>
    <h3 class="mt-3 font-semibold">On your rings</h3>
    <ul class="mt-1 text-sm">
      {#each phaseRings(result.kit, yarn) as ring (ring.machine.id)}
        <li>
          <strong>{ring.machine.name}</strong>, {ring.machine.pins} pins: a colour goes on for about
          <span class="numerals">{Math.round(ring.rowsAPhase)}</span> rows; after
          <span class="numerals">{ring.sureRows}</span> rows a change is sure to show
        </li>
      {/each}
    </ul>
    <h3 class="mt-3 font-semibold">Wound into balls by colour</h3>
    <p class="text-sm quiet">
      A longer piece or a wider ring shows more of the change; so do balls of one colour, joined on purpose.
    </p>
    <ul class="mt-1 text-sm">
      {#each balls as ball (ball.phase)}
        <li>
          <strong>{yarn.phases[ball.phase]!.name}</strong>: <span class="numerals">{showRun(ball.metres, units)}</span>,
          cut at
          <span class="numerals">{ball.cuts.map((c) => showRun(c, units)).join(', ')}</span>
        </li>
      {/each}
    </ul>
  </div>
{/each}
