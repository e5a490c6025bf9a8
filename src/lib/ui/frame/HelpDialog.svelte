<script lang="ts">
  import BookOpen from '@lucide/svelte/icons/book-open';
  import Database from '@lucide/svelte/icons/database';
  import Info from '@lucide/svelte/icons/info';
  import Settings from '@lucide/svelte/icons/settings';
  import { paths } from '../paths';
  import DialogFrame from './DialogFrame.svelte';
  import { keysAt } from './keys';

  let { path, onclose }: { path: string; onclose: () => void } = $props();
  const links = [
    { href: paths.words, icon: BookOpen, label: 'Words of the craft', says: 'Each with a drawing' },
    { href: paths.settings, icon: Settings, label: 'Settings', says: 'Units, words, light, sound' },
    { href: paths.backup, icon: Database, label: 'Your data', says: 'Back up, restore, empty, demo' },
    { href: paths.about, icon: Info, label: 'About Tomble', says: 'Version, licences, what lies where' }
  ];
</script>

<DialogFrame title="Help" width={40} {onclose}>
  <ul class="grid grid-cols-1 gap-2 sm:grid-cols-2">
    {#each links as link (link.href)}
      <li>
        <a
          href={link.href}
          class="flex min-h-14 items-center gap-3 rounded-box border-2 border-base-300 px-3 hover:border-primary"
        >
          <link.icon class="size-5 shrink-0" aria-hidden="true" />
          <span
            ><span class="block font-semibold">{link.label}</span><span class="text-sm quiet">{link.says}</span></span
          >
        </a>
      </li>
    {/each}
  </ul>
  <h3 class="mt-5 font-display text-lg font-semibold">Keys that work here</h3>
  {#each keysAt(path) as { where, keys } (where)}
    <h4 class="mt-2 text-sm quiet">{where}</h4>
    <dl class="grid grid-cols-[12rem_minmax(0,1fr)] items-baseline gap-x-4 gap-y-1.5">
      {#each keys as { press, does } (does)}
        <dt class="flex flex-wrap gap-1">
          {#each press as key (key)}<kbd
              class="rounded border border-base-content/40 bg-base-200 px-1.5 py-0.5 font-sans text-sm whitespace-nowrap"
              >{key}</kbd
            >{/each}
        </dt>
        <dd>{does}</dd>
      {/each}
    </dl>
  {/each}
</DialogFrame>
