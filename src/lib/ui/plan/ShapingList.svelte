<script lang="ts">
  import { pieceAt } from '$lib/core/read';
  import type { Readings } from '$lib/core/tomble';
  import { speak, voiceOf } from '$lib/words';

  let { result }: { result: Readings } = $props();
</script>

{#if result.notes.shaping?.length}
  <div class="sheet p-4">
    <h2 class="text-lg font-semibold">Shaping</h2>
    <ul class="mt-1 space-y-2">
      {#each result.notes.shaping as line, i (i)}
        {@const said = speak(result).shaping(line)}
        <li>
          <span class="font-medium">{said.what}</span>, {pieceAt(result, line.piece).planned.label.toLowerCase()}:
          {said.how}
          {#if line.at.length}<span class="block numerals text-sm quiet"
              >after work row {line.at.join(', ')}{line.leftRows > 0
                ? `; ${voiceOf(result.kit.habits).rows(line.leftRows)} left over, knitted straight`
                : ''}</span
            >{/if}
        </li>
      {/each}
    </ul>
  </div>
{/if}
