<script lang="ts">
  import { extent } from 'd3-array';
  import { scaleLinear } from 'd3-scale';
  import type { Substitute } from '$lib/core/substitute';
  import { NET_BELOW, STRUGGLE_ABOVE } from '$lib/core/kit';

  let { substitutes }: { substitutes: readonly Substitute[] } = $props();
  const [W, H] = [640, 320];
  const M = { left: 56, right: 16, top: 26, bottom: 44 };
  /** Size error: the worse of length and width at the same counts. */
  const off = (s: Substitute): number => (Math.abs(s.lengthOff) > Math.abs(s.widthOff) ? s.lengthOff : s.widthOff);
  const spanX = $derived(extent([6, 11, ...substitutes.map((s) => s.tightness)]) as [number, number]);
  const spanY = $derived(extent([-5, 5, ...substitutes.map(off)]) as [number, number]);
  const x = $derived(scaleLinear([spanX[0] - 0.4, spanX[1] + 0.4], [M.left, W - M.right]));
  const y = $derived(scaleLinear([spanY[0] - 2, spanY[1] + 2], [H - M.bottom, M.top]));
  const MARK = {
    good: { d: 'M-7 0a7 7 0 1 0 14 0a7 7 0 1 0 -14 0Z', word: 'good' },
    possible: { d: 'M0 -8l8 14h-16Z', word: 'possible' },
    poor: { d: 'M-6 -6l12 12m0 -12l-12 12', word: 'better not' }
  } as const;
  /** Labels of points that lie close together are stacked, so that each can be read. */
  const lifts = $derived.by(() => {
    const taken: { x: number; y: number }[] = [];
    return substitutes.map((s) => {
      const at = { x: x(s.tightness), y: y(off(s)) - 8 };
      while (taken.some((t) => Math.abs(t.x - at.x) < 34 && Math.abs(t.y - at.y) < 15)) at.y -= 16;
      taken.push(at);
      return at.y - y(off(s));
    });
  });
  const label = $derived(
    `Tightness against size error: ${substitutes.map((s) => `${letter(s)} ${s.yarn.colour.name} ${s.tightness.toFixed(1)}, ${off(s).toFixed(0)} %`).join('; ')}`
  );
  function letter(s: Substitute): string {
    return s.isOriginal ? 'now' : String(substitutes.indexOf(s));
  }
</script>

<svg viewBox="0 0 {W} {H}" class="block w-full" role="img" aria-label={label}>
  <rect
    x={x(NET_BELOW)}
    y={M.top}
    width={x(STRUGGLE_ABOVE) - x(NET_BELOW)}
    height={H - M.top - M.bottom}
    fill="var(--color-success)"
    opacity="0.12"
  />
  <text x={(x(NET_BELOW) + x(STRUGGLE_ABOVE)) / 2} y={M.top - 9} text-anchor="middle" font-size="13" fill="currentColor"
    >suits the hooks</text
  >
  <text x={M.left} y={M.top - 9} font-size="13" fill="currentColor">a net</text>
  <text x={W - M.right} y={M.top - 9} text-anchor="end" font-size="13" fill="currentColor">hooks struggle</text>
  {#each x.ticks(6) as tick (tick)}
    <text x={x(tick)} y={H - M.bottom + 18} text-anchor="middle" font-size="13" fill="currentColor">{tick}</text>
  {/each}
  {#each y.ticks(5) as tick (tick)}
    <line
      x1={M.left}
      x2={W - M.right}
      y1={y(tick)}
      y2={y(tick)}
      stroke="currentColor"
      opacity={tick === 0 ? 0.6 : 0.14}
    />
    <text x={M.left - 8} y={y(tick) + 4} text-anchor="end" font-size="13" fill="currentColor"
      >{tick > 0 ? '+' : ''}{tick} %</text
    >
  {/each}
  <text x={(M.left + W - M.right) / 2} y={H - 6} text-anchor="middle" font-size="13" fill="currentColor"
    >tightness; the size error is the worse of length and width</text
  >
  {#each substitutes as s, i (s.yarn.id + s.strands)}
    <g transform="translate({x(s.tightness)} {y(off(s))})">
      <path
        d={MARK[s.verdict].d}
        fill={s.verdict === 'poor' ? 'none' : s.yarn.colour.hex}
        stroke="currentColor"
        stroke-width={s.verdict === 'poor' ? 3 : 1.5}
      />
      <text x="11" y={lifts[i]} font-size="13" font-weight="700" fill="currentColor">{letter(s)}</text>
    </g>
  {/each}
</svg>
<p class="text-sm quiet">Numbers as in the table. A circle is good, a triangle possible, a cross better not.</p>
