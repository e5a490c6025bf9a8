<script lang="ts">
  import { goto } from '$app/navigation';
  import { page } from '$app/state';
  import {
    type Candidate,
    nearestYarns,
    type Original,
    type Substitute,
    substitute,
    workYarns
  } from '$lib/core/convert';
  import { classOfLabel, perCm, Yarn, yarnName, yarnOf } from '$lib/core/kit';
  import { tryPlan } from '$lib/core/tomble';
  import { loadKit } from '$lib/store/kit';
  import { addYarn } from '$lib/store/own';
  import { kitFor, planProject } from '$lib/store/projects';
  import { notKept } from '$lib/ui/frame/keeping';
  import FaultNote from '$lib/ui/frame/FaultNote.svelte';
  import SelectField from '$lib/ui/options/SelectField.svelte';
  import { paths } from '$lib/ui/paths';
  import AnswerCard from '$lib/ui/standins/AnswerCard.svelte';
  import AskPanel from '$lib/ui/standins/AskPanel.svelte';
  import FiguresTable from '$lib/ui/standins/FiguresTable.svelte';
  import OutsideYarn from '$lib/ui/standins/OutsideYarn.svelte';
  import StandInList from '$lib/ui/standins/StandInList.svelte';
  import { Wish, wishDraft } from '$lib/ui/standins/wish';
  import { db } from '$lib/ui/state/db';
  import { later } from '$lib/ui/state/later.svelte';
  import { live } from '$lib/ui/state/live.svelte';

  const source = live(async () => {
    const [kit, projects] = await Promise.all([loadKit(db()), db().projects.orderBy('updatedAt').reverse().toArray()]);
    return { kit, projects: projects.filter((p) => !p.deletedAt && !p.measured) };
  });
  const TUBE = 'tube';
  const GAUGE = 'gauge';
  const GIVEN = 'given';
  /** Yarns compared at once, those nearest in thickness; the others when they are asked for. */
  const AT_ONCE = 40;
  let most = $state(AT_ONCE);
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
  const original = $derived.by((): Original | null => {
    if (!yarnId || !machine) return null;
    if (what === GAUGE) {
      const gauge = perCm({ as: 'lengths', cmTo40Stitches: wish.cmTo40Stitches, cmTo20Rows: wish.cmTo20Rows });
      return { from: 'gauge', machineId: machine.id, yarnId: GIVEN, rows: wish.rows, gauge };
    }
    return project
      ? { from: 'project', brief: project.brief, yarnId }
      : { from: 'tube', machineId: machine.id, yarnId, rows: wish.rows };
  });
  const candidates = $derived.by((): Candidate[] => {
    if (!kit || !own) return [];
    const others = kit.yarns.filter((y) => y.id !== own.id && y.id !== GIVEN);
    return nearestYarns({ ...kit, yarns: others }, own, most).map((c) => ({
      ...c,
      strands: wish.strands[c.yarn.id] ?? c.strands
    }));
  });
  // The page stands before all of them are worked out.
  const compared = later(() => (kit && original ? { kit, original, candidates } : null));
  const table = $derived.by(() => {
    const { value } = compared;
    return value ? substitute(value.kit, value.original, value.candidates) : [];
  });
  const others = $derived(table.filter((s) => !s.isOriginal));
  const left = $derived((kit?.yarns.length ?? 0) - 1 - candidates.length);

  let fault = $state('');
  async function use(s: Substitute): Promise<void> {
    if (!project) return;
    // One that was typed in comes into the stash with it.
    if (wish.typed.some((y) => y.id === s.yarn.id)) {
      fault = await notKept(() => addYarn(db(), s.yarn));
      if (fault) return;
      wants({ typed: wish.typed.filter((y) => y.id !== s.yarn.id) });
    }
    await goto(paths.plan(project.id), { state: { swap: { from: yarnId, to: s.yarn.id, strands: s.strands } } });
  }
  const onuse = $derived(project ? (s: Substitute) => void use(s) : undefined);
  const forName = $derived(own ? yarnName(own) : '');
</script>

<svelte:head><title>Stand-ins · Tomble</title></svelte:head>

<div class="page max-w-5xl">
  <h1 class="text-3xl font-bold">Stand-ins</h1>
  <p class="quiet">Same pins, other yarn: what becomes of the piece, and is it still a good idea?</p>
  {#if kit && machine}
    <div class="mt-3 space-y-4">
      <div class="grid grid-cols-2 gap-x-3">
        <SelectField
          label="In"
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
            label="In place of"
            value={yarnId}
            choices={places.map((id) => ({ value: id, label: yarnName(kit.yarns.find((y) => y.id === id)!) }))}
            onvalue={(v) => ask({ for: v })}
          />
        {/if}
      </div>
      {#if table[0]}<AnswerCard now={table[0]} best={others[0]} habits={kit.habits} {onuse} />{/if}
      <FaultNote {fault} />
      {#if !project}
        <AskPanel {wish} gauge={what === GAUGE} {machine} machines={kit.machines} onwish={wants} />
      {/if}
      {#if others.length}
        <StandInList
          list={others}
          habits={kit.habits}
          {onuse}
          onstrands={(id, strands) => wants({ strands: { ...wish.strands, [id]: strands } })}
        />
      {/if}
      {#if left > 0}
        <p class="flex flex-wrap items-center gap-3 text-sm quiet">
          Compared: the {candidates.length} nearest in thickness to {forName}.
          <button type="button" class="btn btn-quiet btn-sm" onclick={() => (most += 4 * AT_ONCE)}
            >Compare {Math.min(left, 4 * AT_ONCE)} more</button
          >
        </p>
      {/if}
      <OutsideYarn onyarn={(yarn) => wants({ typed: [...wish.typed, yarn] })} />
      {#if table.length}
        <details class="sheet p-4">
          <summary class="cursor-pointer font-semibold">All figures, side by side</summary>
          <div class="mt-2"><FiguresTable {table} habits={kit.habits} /></div>
        </details>
      {/if}
    </div>
  {/if}
</div>
