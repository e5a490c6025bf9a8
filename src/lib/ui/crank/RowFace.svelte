<script lang="ts">
  import ArrowLeft from '@lucide/svelte/icons/arrow-left';
  import ArrowRight from '@lucide/svelte/icons/arrow-right';
  import type { Moment, Next } from '$lib/core/read';
  import type { Readings } from '$lib/core/tomble';
  import type { Speech } from '$lib/words';
  import { roundCard, rowEnd } from '$lib/words/crank';
  import Counting from '$lib/ui/figure/Counting.svelte';
  import YarnDot from '$lib/ui/yarn/YarnDot.svelte';
  import MomentPicture from './MomentPicture.svelte';
  import SmallRing from './SmallRing.svelte';

  let {
    result,
    say,
    next,
    moment,
    heading,
    unkept,
    minutes,
    pieces,
    done,
    total
  }: {
    result: Readings;
    say: Speech;
    next: Extract<Next, { do: 'row' | 'lift' }>;
    /** What is seen of a row that goes pin by pin. */
    moment: Moment | undefined;
    heading: string;
    unkept: boolean;
    minutes: number;
    /** Several pieces, and whether the section is a whole one of them. */
    pieces: { several: boolean; oneSection: boolean; inWork: number };
    done: number;
    total: number;
  } = $props();

  const yarn = $derived(result.yarns[result.fabric.yarns.indexOf(next.step.yarnId ?? '')]);
  const row = $derived(say.talk.terms.row);
  const waste = $derived(next.counted.of !== 'work' ? next.counted : null);
  const big = $derived(next.do === 'lift' ? String(next.pin - 1) : String(next.counted.row - 1));
  const asked = $derived(next.do === 'lift' ? say.step(next.lift) : null);
</script>

<span class="flex items-center gap-3 text-lg wrap-anywhere max-[20rem]:flex-wrap md:text-2xl low:text-lg">
  {#if yarn}<YarnDot hex={yarn.colour.hex} size={36} />{/if}
  <span class="min-w-0"><strong>{heading}</strong> in {yarn?.name}, {yarn?.colour.name}</span>
</span>
{#if asked}
  <span class="mt-2 font-display text-2xl leading-tight font-bold text-balance md:text-4xl low:text-xl"
    >{asked.title}</span
  >
{/if}
<!-- However long the words around it are, the number keeps a height that is read from the machine. -->
<span class="flex min-h-24 flex-1 items-stretch gap-3">
  {#if moment && next.do === 'lift'}
    <span class="flex min-w-0 flex-[2] flex-col">
      <MomentPicture {result} piece={next.leg.piece} {moment} {say} class="min-h-20 flex-1" />
      <span class="text-base leading-snug max-sm:hidden md:text-xl low:hidden" data-testid="words"
        >{say.moment(moment)}</span
      >
    </span>
  {/if}
  <span class="relative min-w-0 flex-1">
    <svg viewBox="0 0 {Math.max(big.length, 2) * 82} 104" class="absolute inset-0 size-full" aria-hidden="true">
      <text
        x="50%"
        y="96"
        text-anchor="middle"
        font-size="124"
        font-weight="750"
        class="numerals"
        fill={unkept ? 'var(--color-base-100)' : 'currentColor'}
        stroke="currentColor"
        stroke-width={unkept ? 4 : 0}
        paint-order="stroke"
        data-testid="big"
        data-kept={unkept ? 'no' : 'yes'}>{big}</text
      >
    </svg>
  </span>
</span>
{#if next.turn}
  <span class="flex items-center justify-center gap-4">
    <SmallRing {result} piece={next.leg.piece} row={next.row} {say} class="size-20 shrink-0 md:size-28 low:size-16" />
    <span class="min-w-0">
      <span class="flex items-center gap-2 text-lg font-semibold md:text-3xl low:text-xl" data-testid="turn">
        {#if next.turn.toPin < next.turn.fromPin}<ArrowLeft class="size-7 md:size-10" />{/if}
        <span class="numerals">{say.talk.pin(next.turn.fromPin)} to {say.talk.pin(next.turn.toPin)}</span>
        {#if next.turn.toPin >= next.turn.fromPin}<ArrowRight class="size-7 md:size-10" />{/if}
      </span>
      <span class="block text-sm md:text-lg low:text-sm">{rowEnd(say, next.turn.toPin)}</span>
    </span>
  </span>
{/if}
{#if next.card.length > 0}
  <span class="text-center text-base font-semibold md:text-xl" data-testid="card">{roundCard(say, next.card)}</span>
{/if}
<span class="grid items-end gap-x-2 numerals text-lg leading-tight sm:grid-cols-[1fr_auto] md:text-3xl low:text-lg">
  <span
    >{#if next.do === 'lift'}<strong><Counting text={next.pin - 1} /></strong> of {next.of}
      {say.talk.pins} lifted in this {row}{:else if waste}<strong><Counting text={waste.row - 1} /></strong> of {waste.total}
      {waste.of === 'separator' ? `separator ${row}` : `waste ${row}s`}, not counted{:else}<strong
        ><Counting text={next.inSection - 1} /></strong
      >
      of {next.ofSection} in this {pieces.several && pieces.oneSection ? 'piece' : 'section'}{/if}<span
      class="block text-sm quiet md:text-lg low:text-sm"
      data-testid="left">{minutes < 1.5 ? 'a minute or so' : `about ${Math.round(minutes)} minutes`} to go</span
    ></span
  >
  <span class="sm:text-right"
    >{#if pieces.several && !pieces.oneSection}<strong><Counting text={pieces.inWork} /></strong> of {next.leg.workRows} in
      this piece{:else}<strong><Counting text={done} /></strong>
      of {total} in all{/if}{#if next.counter !== null}<span
        class="block text-sm quiet md:text-lg low:text-sm"
        data-testid="counter">the machine's counter: <Counting text={next.counter - 1} /></span
      >{/if}</span
  >
</span>
