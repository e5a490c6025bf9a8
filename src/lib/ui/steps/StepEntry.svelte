<script lang="ts">
  import type { Yarn } from '$lib/core/kit';
  import { type Cue, type Entry, pieceAt, workOf } from '$lib/core/read';
  import type { Readings } from '$lib/core/tomble';
  import type { SaidStep, Speech } from '$lib/words';
  import MachineStepPicture from '../picture/MachineStepPicture.svelte';
  import StepPicture from '../picture/StepPicture.svelte';
  import { gathered } from '$lib/words/list/gathered';
  import { shapingOf } from '$lib/words/list/shaping';
  import type { Part } from '$lib/words/glossary';
  import Worded from '../words/Worded.svelte';
  import YarnDot from '../yarn/YarnDot.svelte';

  let {
    entry,
    result,
    say,
    picturedBefore,
    saidBefore,
    reasonBefore,
    doors
  }: {
    entry: Entry;
    result: Readings;
    say: Speech;
    /** Its picture stands on the paper already. */ picturedBefore: boolean;
    /** The same is said of a piece before: on paper it stands once. */
    saidBefore: (sentence: string) => boolean;
    /** The same for the reason of a step. */
    reasonBefore: (why: string) => boolean;
    /** The doors of a sentence: each word has one in the list, where it comes in first. */
    doors: (sentence: string) => readonly Part[];
  } = $props();
  /** Rows of waste before the work of a piece: a cue's row is told in rows of the work. */
  const before = (piece: number | null): number => (piece === null ? 0 : workOf(pieceAt(result, piece).fabric).before);
  const whenOf = (rows: readonly number[]): string =>
    rows.length === 1
      ? rows[0]! <= 0
        ? 'start'
        : say.talk.row(rows[0]!)
      : `${say.talk.terms.row}s ${say.talk.list(rows.map(String))}`;
  const yarnOf = (id: string | null): Yarn | undefined => result.yarns[result.fabric.yarns.indexOf(id ?? '')];
</script>

{#snippet head(title: string, yarnId: string | null)}
  {@const yarn = yarnOf(yarnId)}
  <p class="flex items-center gap-2 font-medium">
    {#if yarn}<span class="print:hidden"><YarnDot hex={yarn.colour.hex} size={18} /></span>{/if}
    <span><Worded text={title} parts={doors(title)} /></span>
  </p>
{/snippet}

{#snippet joining(said: SaidStep)}
  {#if said.before}
    {@const words = entry.again ? say.words.joinedAgain(say.talk) : said.before}
    <p class="text-sm quiet"><Worded text={words} parts={doors(words)} /></p>
  {/if}
{/snippet}

{#snippet due(cues: readonly Cue[], piece: number | null)}
  {#if cues.length}
    <ul class="mt-0.5 text-sm">
      {#each gathered(cues, say) as { sentence, rows } (sentence)}
        <li class={saidBefore(sentence) ? 'print:hidden' : ''}>
          <span class="numerals font-semibold">{whenOf(rows.map((row) => row - before(piece)))}</span>
          · <Worded text={sentence} parts={doors(sentence)} />
        </li>
      {/each}
    </ul>
  {/if}
{/snippet}

{#if 'step' in entry}
  {@const { step } = entry}
  {@const said = say.step(step)}
  <li
    class="unseen flex break-inside-avoid flex-wrap gap-3 border-l-3 border-base-300 pl-3 [--unseen:6rem] print:flex-nowrap print:gap-1 print:pl-1.5"
  >
    <div class="min-w-40 flex-1 print:min-w-0">
      {@render head(said.title, step.yarnId)}
      {@render joining(said)}
      <p class="text-sm quiet"><Worded text={said.detail} parts={doors(said.detail)} /></p>
      {#if said.why}<p class="text-sm quiet italic {reasonBefore(said.why) ? 'print:hidden' : ''}">
          <Worded text={said.why} parts={doors(said.why)} />
        </p>{/if}
      {@render due(step.cues, step.piece)}
    </div>
    {#if step.act !== null}
      <StepPicture {result} {say} act={step.act} class="w-32 shrink-0 print:w-[1.7cm]" />
    {:else if step.piece !== null && !step.rows}
      <MachineStepPicture
        {result}
        {say}
        {step}
        class="w-32 shrink-0 {picturedBefore ? 'print:hidden' : 'print:w-[1.9cm]'}"
      />
    {/if}
  </li>
{:else}
  {@const { stretch } = entry}
  {@const said = say.stretch(stretch)}
  <li class="unseen border-l-3 border-accent pl-3 [--unseen:12rem] print:pl-1.5">
    {@render head(said.title, stretch.yarnId)}
    {@render joining(said)}
    <p class="text-sm quiet"><Worded text={said.detail} parts={doors(said.detail)} /></p>
    <ol class="my-1 rounded-field bg-base-200 px-2 py-1 text-sm print:hidden">
      {#each stretch.lines as line, i (i)}
        <li class="flex gap-2">
          <span class="w-20 shrink-0 numerals font-semibold">after {line.afterRow}</span>
          <span
            >{#each line.steps as step (step.id)}<span class="block">{say.step(step).title}</span>{/each}</span
          >
        </li>
      {/each}
    </ol>
    {#each shapingOf(stretch, say) as line (line)}<p class="hidden text-sm print:block">{line}</p>{/each}
    {#each stretch.how as step (step.id)}
      {@const how = say.step(step)}
      <p class="text-sm quiet">
        <span class="font-medium">{how.title}:</span>
        <Worded text={how.detail} parts={doors(how.detail)} />
      </p>
      {#if how.why}<p class="text-sm quiet italic"><Worded text={how.why} parts={doors(how.why)} /></p>{/if}
    {/each}
    {@render due(stretch.cues, stretch.piece)}
  </li>
{/if}
