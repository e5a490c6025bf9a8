<script lang="ts">
  import { extent } from 'd3-array';
  import { scaleLinear } from 'd3-scale';
  import type { Habits, Learned } from '$lib/core/kit';
  import { evidenceName } from '$lib/words';

  let { learned, habits, title, unit }: { learned: Learned; habits: Habits; title: string; unit: string } = $props();
  const W = 560;
  const LINE = 30;
  const LEFT = 12;
  const RIGHT = 12;
  /** Where practice stands, then every piece of evidence, then the estimate. */
  const lines = $derived([
    {
      label: 'Common practice',
      value: learned.before.value,
      low: learned.before.low,
      high: learned.before.high,
      says: null as number | null,
      outlier: false,
      aside: false
    },
    ...learned.moves.map((move) => ({
      label: evidenceName(move.evidence.told, habits),
      value: move.value,
      low: move.low,
      high: move.high,
      says: move.says,
      outlier: move.outlier,
      aside: move.evidence.setAside
    }))
  ]);
  const span = $derived(extent(lines.flatMap((l) => [l.low, l.high, l.says ?? l.value])) as [number, number]);
  const x = $derived(scaleLinear(span, [LEFT + 6, W - RIGHT - 6]).nice(5));
  const height = $derived(lines.length * LINE + 42);
</script>

<figure>
  <figcaption class="font-semibold">{title}</figcaption>
  <svg
    viewBox="0 0 {W} {height}"
    class="block w-full"
    role="img"
    aria-label="{title}: how the estimate moved, now {learned.estimate.value.toFixed(
      2
    )} {unit}, {learned.estimate.low.toFixed(2)} to {learned.estimate.high.toFixed(2)}"
  >
    {#each x.ticks(5) as tick (tick)}
      <line x1={x(tick)} x2={x(tick)} y1="4" y2={height - 34} stroke="currentColor" opacity="0.15" />
      <text x={x(tick)} y={height - 20} text-anchor="middle" font-size="13" fill="currentColor">{tick}</text>
    {/each}
    <text x={W / 2} y={height - 4} text-anchor="middle" font-size="12" fill="currentColor">{unit}</text>
    {#each lines as line, i (i)}
      {@const y = 20 + i * LINE}
      <g opacity={line.aside ? 0.45 : 1}>
        <line
          x1={x(line.low)}
          x2={x(line.high)}
          y1={y}
          y2={y}
          stroke="var(--color-primary)"
          stroke-width="9"
          stroke-linecap="round"
          opacity="0.3"
        />
        <circle cx={x(line.value)} cy={y} r="5" fill="var(--color-primary)" />
        {#if line.says !== null}
          <path
            d="M{x(line.says)} {y - 7}l6 7l-6 7l-6 -7Z"
            fill={line.outlier ? 'var(--color-error)' : 'none'}
            stroke={line.outlier ? 'var(--color-error)' : 'currentColor'}
            stroke-width="1.8"
          />
        {/if}
        <text x={LEFT} y={y - 9} font-size="11.5" fill="currentColor"
          >{line.label}{line.aside ? ', set aside' : line.outlier ? ', an outlier' : ''}</text
        >
      </g>
    {/each}
  </svg>
</figure>
