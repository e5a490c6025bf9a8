<script lang="ts">
  import { className, classOfLabel, heldTex, type Yarn, proposeBehaviour, wrapsPerInch } from '$lib/core/kit';
  import { nmOfTex } from '$lib/core/quantity';

  interface Props {
    metres: number;
    grams: number;
    strands: number;
    weightClass: number;
    fibre: string;
    behaviour: Yarn['behaviour'];
    ontake: (weightClass: number, behaviour: Yarn['behaviour']) => void;
  }
  let { metres, grams, strands, weightClass, fibre, behaviour, ontake }: Props = $props();
  const sound = $derived(metres > 0 && grams > 0);
  const tex = $derived(sound ? heldTex({ label: { metres, grams }, strands }) : 0);
  const proposal = $derived(proposeBehaviour(fibre, behaviour));
  const proposedClass = $derived(sound ? classOfLabel(metres, grams) : weightClass);
  const differs = $derived(
    proposedClass !== weightClass || JSON.stringify(proposal.behaviour) !== JSON.stringify(behaviour)
  );
</script>

{#if sound}
  <div class="col-span-2 rounded-lg bg-base-200 px-3 py-2 text-sm">
    <p>
      <strong class="numerals text-base">{Math.round(tex)} tex</strong>{strands > 1 ? ` with ${strands} strands` : ''} · Nm
      {nmOfTex(tex).toFixed(2)} · about {Math.round(wrapsPerInch(tex))} wraps to the inch
    </p>
    {#if differs}
      <p class="mt-1">
        By its label it is class {className(proposedClass)}{proposal.reasons.length
          ? `; ${proposal.reasons.join('; ')}`
          : ''}.
        <button type="button" class="btn btn-sm" onclick={() => ontake(proposedClass, proposal.behaviour)}
          >Take that over</button
        >
      </p>
    {/if}
  </div>
{/if}
