<script lang="ts">
  import { rollups, sum } from 'd3-array';
  import { format } from 'date-fns/format';
  import { rowsByWeek, offBy } from '$lib/core/log';
  import { type Kit, toldGauges, yarnsById, yarnName } from '$lib/core/kit';
  import { lyingScene, uprightScene } from '$lib/draw/log/bars';
  import { gaugeScene, type GaugePoint } from '$lib/draw/log/gauge-lines';
  import { type OffPoint, offPlanScene } from '$lib/draw/log/off-plan';
  import type { LogEntry } from '$lib/store/log';
  import { planOf } from '$lib/store/plans';
  import { inBunches } from '../frame/turn';
  import SizedScene from './SizedScene.svelte';

  let { entries, rows, kit }: { entries: readonly LogEntry[]; rows: readonly number[]; kit: Kit } = $props();

  const day = (at: Date): string => format(at, 'd MMM yyyy');
  const percent = (n: number): string => `${n > 0 ? '+' : ''}${Math.round(n)} %`;
  const offs = $derived(
    entries.flatMap((e) => e.figures.map((f): OffPoint => ({ ...f, name: e.project.brief.name, at: e.at })))
  );
  const weeks = $derived(rowsByWeek(rows));
  const yarns = $derived(yarnsById(kit.yarns));
  /** Rows to a cm that swatches and pieces said, as points of the chart. */
  const gauges = $derived(
    toldGauges(kit).flatMap(({ yarnId, on, rowsPerCm, piece }): GaugePoint[] => {
      const yarn = yarns.get(yarnId);
      if (!yarn) return [];
      const at = new Date(on);
      const title = `${yarnName(yarn)}: ${rowsPerCm.toFixed(2)} rows to a cm, ${piece ?? 'swatch'}, ${day(at)}`;
      return [{ article: yarn.name, hex: yarn.colour.hex, at, perCm: rowsPerCm, title }];
    })
  );
  /** Grams of every yarn in what was finished: each is planned for it, a few at a time. */
  let grams = $state.raw<readonly { readonly name: string; readonly hex: string; readonly grams: number }[]>([]);
  $effect(() => {
    const [all, own] = [entries, kit];
    let gone = false;
    const usesOf = ({ project }: LogEntry) => {
      const result = planOf(own, project);
      return (result?.yarnUse ?? []).map((use, y) => ({ name: use.name, hex: result!.yarns[y]!.colour.hex, grams: use.grams.value })); // prettier-ignore
    };
    void inBunches(all, usesOf, () => gone).then((used) => {
      if (!used) return;
      grams = rollups(
        used.flat(),
        (list) => ({ name: list[0]!.name, hex: list[0]!.hex, grams: sum(list, (u) => u.grams) }),
        (u) => `${u.name} ${u.hex}`
      )
        .map(([, of]) => of)
        .sort((a, b) => b.grams - a.grams)
        .slice(0, 12);
    });
    return () => (gone = true);
  });
  const timed = $derived(
    entries
      .flatMap(({ project, measured, crankMinutes }) => {
        const all = measured.minutes;
        if (all === null || crankMinutes === null) return [];
        const crank = Math.min(all, crankMinutes);
        return [{ name: project.brief.name, crank, hands: all - crank }];
      })
      .slice(0, 12)
  );
</script>

<div class="grid grid-cols-1 gap-4 lg:grid-cols-2">
  <section class="sheet p-4" aria-label="Measured against planned">
    <h2 class="text-lg font-semibold">Measured against planned</h2>
    <p class="text-sm quiet">A bar is the range that was planned, a dot what came out; a bright one lies outside.</p>
    {#if offs.length > 0}
      <SizedScene
        height={240}
        scene={(width) =>
          offPlanScene(
            offs,
            { width, height: 240 },
            {
              label: `How far ${offs.length} figures came from their plan`,
              percent,
              day,
              point: (p) => `${p.name}, ${p.label.toLowerCase()}: ${percent(100 * (offBy(p) ?? 0))} (${day(p.at)})`
            }
          )}
      />
    {/if}
  </section>
  <section class="sheet p-4" aria-label="Gauge over time">
    <h2 class="text-lg font-semibold">Rows to a cm over time</h2>
    <p class="text-sm quiet">What swatches and finished pieces said of each article.</p>
    {#if gauges.length > 0}
      <SizedScene
        height={240}
        scene={(width) =>
          gaugeScene(gauges, { width, height: 240 }, { label: `Rows to a cm of ${gauges.length} measurements`, day })}
      />
    {:else}
      <p class="mt-4">No swatch and no finished piece was measured yet.</p>
    {/if}
  </section>
  <section class="sheet p-4" aria-label="Rows a week">
    <h2 class="text-lg font-semibold">Rows a week</h2>
    <p class="text-sm quiet">Everything that was cranked, finished or not.</p>
    {#if weeks.length > 0}
      <SizedScene
        height={220}
        scene={(width) =>
          uprightScene(
            weeks.map((w) => ({
              label: format(w.from, 'd MMM'),
              value: w.rows,
              title: `${w.rows} rows in the week of ${day(w.from)}`
            })),
            { width, height: 220 },
            `Rows of ${weeks.length} weeks`
          )}
      />
    {:else}
      <p class="mt-4">Nothing was cranked here yet.</p>
    {/if}
  </section>
  <section class="sheet p-4" aria-label="Grams by yarn">
    <h2 class="text-lg font-semibold">Grams by yarn</h2>
    <p class="text-sm quiet">By plan, waste too; the twelve most used.</p>
    {#if grams.length > 0}
      <SizedScene
        height={60}
        scene={(width) =>
          lyingScene(
            grams.map((g) => ({
              label: g.name,
              said: `${Math.round(g.grams)} g`,
              parts: [{ value: g.grams, fill: { hex: g.hex }, title: `${g.name}: ${Math.round(g.grams)} g` }]
            })),
            width,
            `Grams of ${grams.length} yarns`
          )}
      />
    {/if}
  </section>
  {#if timed.length > 0}
    <section class="sheet p-4 lg:col-span-2" aria-label="Where the minutes went">
      <h2 class="text-lg font-semibold">Where the minutes went</h2>
      <p class="text-sm quiet">
        Dark at the crank, light making up; pieces whose rows were counted here and whose minutes are known.
      </p>
      <SizedScene
        height={60}
        scene={(width) =>
          lyingScene(
            timed.map((t) => ({
              label: t.name,
              said: `${Math.round(t.crank + t.hands)} min`,
              parts: [
                {
                  value: t.crank,
                  fill: { ink: 'text' },
                  title: `${t.name}: ${Math.round(t.crank)} minutes at the crank`
                },
                { value: t.hands, fill: { ink: 'line' }, title: `${t.name}: ${Math.round(t.hands)} minutes making up` }
              ]
            })),
            width,
            `Minutes of ${timed.length} pieces`
          )}
      />
    </section>
  {/if}
</div>
