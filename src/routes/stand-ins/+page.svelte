<script lang="ts">
  import { goto } from '$app/navigation';
  import { page } from '$app/state';
  import { classOfLabel, perCm, Yarn, yarnName, yarnOf } from '$lib/core/kit';
  import {
    type Candidate,
    type Question,
    rankedYarns,
    type Substitute,
    tubeBrief,
    workYarns
  } from '$lib/core/substitute';
  import { tryPlan } from '$lib/core/tomble';
  import { loadKit } from '$lib/store/kit';
  import { addYarn } from '$lib/store/own';
  import { kitFor, planProject } from '$lib/store/projects';
  import { notKept } from '$lib/ui/frame/keeping';
  import FaultNote from '$lib/ui/frame/FaultNote.svelte';
  import ChoiceField from '$lib/ui/options/ChoiceField.svelte';
  import SelectField from '$lib/ui/options/SelectField.svelte';
  import { paths } from '$lib/ui/paths';
  import AnswerCard from '$lib/ui/standins/AnswerCard.svelte';
  import { comparison } from '$lib/ui/standins/comparison.svelte';
  import AskPanel from '$lib/ui/standins/AskPanel.svelte';
  import FiguresTable from '$lib/ui/standins/FiguresTable.svelte';
  import OutsideYarn from '$lib/ui/standins/OutsideYarn.svelte';
  import StandInList from '$lib/ui/standins/StandInList.svelte';
  import { Wish, wishDraft } from '$lib/ui/standins/wish';
  import { db } from '$lib/ui/state/db';
  import { live } from '$lib/ui/state/live.svelte';

  const source = live(async () => {
    const [kit, projects] = await Promise.all([loadKit(db()), db().projects.orderBy('updatedAt').reverse().toArray()]);
    return { kit, projects: projects.filter((p) => !p.measured) };
  });
  const TUBE = 'tube';
  const GAUGE = 'gauge';
  const GIVEN = 'given';
  let wish = $state.raw<Wish>(wishDraft.read() ?? Wish.parse({}));
  function wants(change: Partial<Wish>): void {
    wish = { ...wish, ...change };
    wishDraft.keep(wish);
  }
  const stash = $derived(source.value?.kit ?? null);
  const projects = $derived((source.value?.projects ?? []).filter((p) => stash && planProject(stash, p).ok));

  // What is asked about stands in the address: it is there again after a reload, and a plan can lead here.
  const asked = $derived(page.url.searchParams);
  function ask(change: { in?: string; for?: string }): void {
    const query = new URLSearchParams({ in: what, ...('in' in change ? {} : { for: yarnId }), ...change });
    void goto(`?${query}`, { replaceState: true, keepFocus: true, noScroll: true });
  }
  const what = $derived.by(() => {
    const named = asked.get('in') ?? '';
    const known = named === TUBE || named === GAUGE || projects.some((p) => p.id === named);
    return known ? named : (projects[0]?.id ?? TUBE);
  });
  const project = $derived(projects.find((p) => p.id === what));
  /** A pattern's yarn of which only the gauge and the label are known. */
  const given = $derived(
    Yarn.parse({
      id: GIVEN,
      name: 'The gauge given',
      weightClass: classOfLabel(wish.metres, wish.grams),
      label: { metres: wish.metres, grams: wish.grams },
      colour: { name: 'as typed', hex: '#8a8f94' }
    })
  );
  // A project on the machine is compared as it was begun; see the store.
  const kit = $derived(
    stash && {
      ...(project ? kitFor(stash, project) : stash),
      yarns: [...stash.yarns, ...wish.typed, ...(what === GAUGE ? [given] : [])]
    }
  );
  const machine = $derived(kit?.machines.find((m) => m.id === wish.machine) ?? kit?.machines[0]);
  /** Yarns that can be replaced: those of the work, most rows first. */
  const places = $derived.by((): string[] => {
    if (!kit) return [];
    if (what === GAUGE) return [GIVEN];
    if (!project) return kit.yarns.map((y) => y.id);
    const planned = tryPlan(kit, project.brief);
    return planned.ok ? workYarns(planned.value) : [];
  });
  const yarnId = $derived(places.find((id) => id === asked.get('for')) ?? places[0] ?? '');
  const own = $derived(kit && yarnId ? yarnOf(kit, yarnId, project?.brief.strands) : null);
  const question = $derived.by((): Question | null => {
    if (!yarnId || !machine) return null;
    const { keep } = wish;
    if (project) return { brief: project.brief, yarnId, keep };
    const gauge = what === GAUGE ? perCm({ as: 'lengths', ...wish }) : undefined;
    return { brief: tubeBrief(machine.id, yarnId, wish.rows, gauge), yarnId, keep };
  });
  const candidates = $derived.by((): Candidate[] => {
    if (!kit || !own) return [];
    const others = { yarns: kit.yarns.filter((y) => y.id !== GIVEN) };
    return rankedYarns(others, own).map((c) => ({ ...c, strands: wish.strands[c.yarn.id] ?? c.strands }));
  });
  const compared = comparison(() => (kit && question ? { kit, question, candidates } : null));
  const best = $derived(compared.planned[0]?.is);
  const table = $derived([...(compared.original ? [compared.original] : []), ...compared.planned.map(({ is }) => is)]);
  const byId = $derived(new Map(kit?.yarns.map((y) => [y.id, y])));

  /** The table stays open while something else is asked. */
  let allFigures = $state(false);
  let fault = $state('');
  async function use(s: Pick<Substitute, 'yarn' | 'strands'>): Promise<void> {
    if (!project) return;
    // One that was typed in comes into the stash with it.
    if (wish.typed.some((y) => y.id === s.yarn.id)) {
      fault = await notKept(() => addYarn(db(), s.yarn));
      if (fault) return;
      wants({ typed: wish.typed.filter((y) => y.id !== s.yarn.id) });
    }
    await goto(paths.plan(project.id), {
      state: { swap: { from: yarnId, to: s.yarn.id, strands: s.strands, keep: wish.keep } }
    });
  }
  const onuse = $derived(project ? (s: Pick<Substitute, 'yarn' | 'strands'>) => void use(s) : undefined);
  const KEEP = [
    { value: 'size', label: 'Same size', help: 'Rows and stitches follow the gauge of the new yarn.' },
    { value: 'counts', label: 'Same rows and stitches', help: 'The size follows the gauge of the new yarn.' }
  ] as const;
</script>

<svelte:head><title>Substitute a yarn · Tomble</title></svelte:head>

<div class="page max-w-5xl">
  <h1 class="text-3xl font-bold">Substitute a yarn</h1>
  <p class="quiet">What becomes of the piece in another yarn, and is it still a good idea?</p>
  {#if kit && machine}
    <div class="mt-3 space-y-4">
      <div class="grid gap-x-3 gap-y-1 sm:grid-cols-3">
        <SelectField
          label="Project"
          value={what}
          choices={[
            ...projects.map((p) => ({ value: p.id, label: p.brief.name })),
            { value: TUBE, label: 'A plain tube' },
            { value: GAUGE, label: 'A gauge' }
          ]}
          onvalue={(v) => ask({ in: v })}
        />
        {#if what !== GAUGE}
          <SelectField
            label="Replace"
            value={yarnId}
            choices={places.map((id) => ({ value: id, label: yarnName(kit.yarns.find((y) => y.id === id)!) }))}
            onvalue={(v) => ask({ for: v })}
          />
        {/if}
        <ChoiceField
          label="Keep"
          value={wish.keep}
          choices={KEEP}
          onvalue={(v) => wants({ keep: v as Wish['keep'] })}
        />
      </div>
      {#if compared.original && (best || !compared.waiting.length)}
        <AnswerCard now={compared.original} {best} habits={kit.habits} {onuse} />
      {:else if question && !compared.fault}
        <p class="sheet p-4 quiet" role="status">Planning the nearest yarns…</p>
      {/if}
      <FaultNote fault={fault || compared.fault} />
      {#if !project}
        <AskPanel {wish} gauge={what === GAUGE} {machine} machines={kit.machines} onwish={wants} />
      {/if}
      {#if compared.answers.length || compared.waiting.length}
        <StandInList
          answers={compared.answers}
          waiting={compared.waiting}
          yarnOf={(id) => byId.get(id)}
          habits={kit.habits}
          {onuse}
          onstrands={(id, strands) => wants({ strands: { ...wish.strands, [id]: strands } })}
        />
      {/if}
      <OutsideYarn onyarn={(yarn) => wants({ typed: [...wish.typed, yarn] })} />
      {#if table.length > 1}
        <details class="sheet p-4" bind:open={allFigures}>
          <summary class="cursor-pointer font-semibold">All figures, side by side</summary>
          <div class="mt-2"><FiguresTable {table} habits={kit.habits} /></div>
        </details>
      {/if}
    </div>
  {/if}
</div>
