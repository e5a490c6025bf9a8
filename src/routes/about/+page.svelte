<script lang="ts">
  import { version } from '../../../package.json';
  import packages from '$lib/ui/about/packages.json';
  import { paths } from '$lib/ui/paths';

  const STORED = [
    { what: 'Machines, yarns, swatches, people, projects, rows, photographs', where: 'in this browser’s data base' },
    { what: 'A row that is not yet in the data base', where: 'in this browser’s small store, for a moment' },
    { what: 'The light you chose, and how the crank calls', where: 'in this browser’s small store' },
    { what: 'The application itself, to open without a network', where: 'in this browser’s cache' }
  ];
</script>

<svelte:head><title>About · Tomble</title></svelte:head>

<div class="page">
  <h1 class="text-3xl font-bold">About Tomble</h1>
  <p class="mt-1 max-w-prose">
    For small crank circular knitting machines: it measures, works out, draws, counts and remembers, and stands beside
    the machine while you crank.
  </p>
  <dl class="mt-4 grid max-w-prose grid-cols-[auto_minmax(0,1fr)] gap-x-6 gap-y-1">
    <dt class="quiet">Version</dt>
    <dd class="numerals" data-testid="version">{version}</dd>
  </dl>

  <div class="mt-6 grid grid-cols-1 gap-5 lg:grid-cols-2">
    <section class="sheet p-5" aria-labelledby="stored">
      <h2 id="stored" class="text-xl font-semibold">What is stored where</h2>
      <dl class="mt-2 space-y-2">
        {#each STORED as { what, where } (what)}
          <div>
            <dt class="font-medium">{what}</dt>
            <dd class="text-sm quiet">{where}</dd>
          </div>
        {/each}
      </dl>
      <p class="mt-3">
        Nothing is sent anywhere; nobody counts your visits. <a class="underline" href={paths.backup}
          >Take your data out, or empty it</a
        >.
      </p>
      <h3 class="mt-4 font-display text-lg font-semibold">With care</h3>
      <p class="mt-1">
        Cords, buttons and small parts near children, loose parts in a bed, heat and synthetic fibre: what Tomble says
        of them is short. Local rules and people who know come first.
      </p>
    </section>
    <section class="sheet p-5" aria-labelledby="made">
      <h2 id="made" class="text-xl font-semibold">Made with</h2>
      <p class="mt-1 text-sm quiet">
        Two families of letters and {packages.length - 2} packages ship with it, each under a free licence.
      </p>
      <!-- svelte-ignore a11y_no_noninteractive_tabindex -->
      <div class="mt-2 max-h-96 overflow-y-auto" role="region" aria-label="Packages and licences" tabindex="0">
        <table class="w-full text-left text-sm">
          <thead>
            <tr class="border-b border-base-300"
              ><th class="py-1 pr-2 font-semibold">Package</th><th class="px-2 font-semibold">Version</th><th
                class="pl-2 font-semibold">Licence</th
              ></tr
            >
          </thead>
          <tbody>
            {#each packages as each (each.name)}
              <tr class="border-b border-base-300/60"
                ><td class="py-1 pr-2 break-all">{each.name}</td><td class="px-2 numerals">{each.version}</td><td
                  class="pl-2">{each.licence}</td
                ></tr
              >
            {/each}
          </tbody>
        </table>
      </div>
    </section>
  </div>
</div>
