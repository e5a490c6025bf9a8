<script lang="ts">
  import { pinAngle, pinTowards } from '$lib/draw/close-up/small-ring';

  let {
    pins,
    marked,
    low,
    high,
    value,
    onvalue
  }: {
    pins: number;
    marked: readonly number[];
    /** Pins with a stitch, the lowest and the highest. */
    low: number;
    high: number;
    value: number;
    onvalue: (pin: number) => void;
  } = $props();
  const SIZE = 260;
  const [c, r] = [SIZE / 2, SIZE * 0.42];
  const at = (pin: number, radius: number): [number, number] => {
    const angle = pinAngle(pin, pins);
    return [c + radius * Math.cos(angle), c + radius * Math.sin(angle)];
  };
  const dot = $derived(Math.min(11, (Math.PI * r) / pins / 1.15));
  /** A finger is wider than a pin: the nearest one is meant. */
  function pick(event: MouseEvent & { currentTarget: SVGSVGElement }): void {
    const box = event.currentTarget.getBoundingClientRect();
    const [x, y] = [event.clientX - box.left - box.width / 2, event.clientY - box.top - box.height / 2];
    const pin = pinTowards(Math.atan2(y, x), pins);
    onvalue(Math.max(low, Math.min(high, pin)));
  }
</script>

<!-- For a finger; the number beside it is for keys, and says the same. -->
<svg
  viewBox="0 0 {SIZE} {SIZE}"
  class="w-full max-w-52 cursor-pointer touch-manipulation"
  onclick={pick}
  aria-hidden="true"
  data-testid="ring-pick"
>
  {#each { length: pins } as _, i (i)}
    {@const [x, y] = at(i + 1, r)}
    {@const on = i + 1 >= low && i + 1 <= high}
    <circle
      cx={x}
      cy={y}
      r={i + 1 === value ? dot * 1.5 : dot}
      class={i + 1 === value
        ? 'fill-accent stroke-base-content'
        : on
          ? 'fill-base-content/60 stroke-base-content'
          : 'fill-base-100 stroke-base-content/40'}
      stroke-width={marked.includes(i + 1) ? 2.5 : 1}
    />
  {/each}
  <text x={c} y={c + 16} text-anchor="middle" font-size="46" class="fill-base-content numerals font-bold">{value}</text>
  {#if marked[0] !== undefined}
    {@const [x, y] = at(marked[0], r * 0.74)}
    <text {x} y={y + 4} text-anchor="middle" font-size="13" class="fill-base-content">{marked[0]}</text>
  {/if}
</svg>
