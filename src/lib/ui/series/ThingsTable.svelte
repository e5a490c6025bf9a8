<script lang="ts">
  import type { Readings } from '$lib/core/tomble';
  import type { Project } from '$lib/store/records/project';
  import { paths } from '../paths';
  import YarnDot from '../yarn/YarnDot.svelte';

  /** One thing of a series: its plan, how far it is, and when it will be done. */
  interface Thing {
    readonly project: Project;
    readonly result: Readings | null;
    readonly done: boolean;
    readonly rows: number;
    readonly state: string;
  }
  interface Props {
    things: readonly Thing[];
    /** The one that is knitted next. */
    next: Thing | undefined;
    shortOf: (name: string) => string;
    day: (on: string) => string;
    doneOn: (projectId: string) => string | null;
  }
  let { things, next, shortOf, day, doneOn }: Props = $props();
</script>

<table class="mt-1 w-full">
  <thead>
    <tr class="text-left text-sm quiet">
      <th class="py-1 font-normal" scope="col">Thing</th>
      <th class="py-1 font-normal" scope="col">Yarns</th>
      <th class="py-1 text-right font-normal" scope="col">Rows</th>
      <th class="py-1 pl-3 font-normal max-sm:hidden" scope="col">State</th>
      <th class="py-1 font-normal max-sm:hidden" scope="col">Done on</th>
    </tr>
  </thead>
  <tbody>
    {#each things as thing (thing.project.id)}
      {@const on = thing.done ? null : doneOn(thing.project.id)}
      <tr class="border-t border-base-300/60 {thing === next ? 'bg-base-200 font-semibold' : ''}">
        <td class="py-2 pr-2">
          <a class="hover:underline" href={thing.done ? paths.entry(thing.project.id) : paths.plan(thing.project.id)}
            >{shortOf(thing.project.brief.name)}</a
          >
          <span class="block text-sm font-normal quiet sm:hidden">{thing.state}{on ? `, done on ${day(on)}` : ''}</span>
        </td>
        <td class="py-2">
          <span class="flex gap-1">
            {#each thing.result?.yarnUse ?? [] as use, i (use.yarnId)}
              <span title={use.name}
                ><YarnDot hex={thing.result!.yarns[i]!.colour.hex} size={20} /><span class="sr-only">{use.name}</span
                ></span
              >
            {/each}
          </span>
        </td>
        <td class="py-2 text-right numerals">{thing.rows}</td>
        <td class="py-2 pl-3 max-sm:hidden">{thing.state}</td>
        <td class="py-2 whitespace-nowrap max-sm:hidden">{on ? day(on) : ''}</td>
      </tr>
    {/each}
  </tbody>
</table>
