<script lang="ts">
  import { pieceAt } from '$lib/core/read';
  import { cutTo, sectionsOf } from '$lib/core/colour';
  import { rowsIn } from '$lib/core/plan';
  import type { Readings } from '$lib/core/tomble';
  import type { ColourDesk } from './desk.svelte';

  let { desk, result }: { desk: ColourDesk; result: Readings } = $props();
  // Pieces that meet this one in a seam along their rows: there stripes are seen to match.
  const seamed = $derived(
    result.plan.acts.reduce<number[]>((found, act) => {
      if (act.do !== 'join') return found;
      const along = [...act.a, ...act.b].filter((ref) => ref.run === 'side').map((ref) => ref.piece);
      return along.some((p) => p === desk.piece || found.includes(p)) ? [...new Set([...found, ...along])] : found;
    }, [])
  );
  const others = $derived(result.plan.pieces.flatMap((_, p) => (p !== desk.piece ? [p] : [])));
  const give = (pieces: readonly number[]): void =>
    desk.share(
      [desk.piece, ...pieces].map((piece) => ({
        piece,
        sections: cutTo(desk.sections, rowsIn(sectionsOf(pieceAt(result, piece).planned)))
      }))
    );
  const matched = $derived(seamed.filter((p) => p !== desk.piece));
</script>

<h2 class="text-lg font-semibold">The other pieces</h2>
<p class="quiet">
  From the first row of each: cut off where a piece is shorter, its last colour going on where it is longer.
</p>
<div class="mt-2 flex flex-wrap gap-1.5">
  {#if matched.length > 0}
    <button type="button" class="btn btn-quiet btn-sm" onclick={() => give(matched)}
      >Match at the seams: {matched.map((p) => pieceAt(result, p).planned.label.toLowerCase()).join(', ')}</button
    >
  {/if}
  <button type="button" class="btn btn-quiet btn-sm" onclick={() => give(others)}>Give it to every piece</button>
</div>
