<script lang="ts">
  import '../app.css';
  import { onMount, type Snippet, untrack } from 'svelte';
  import CircleQuestionMark from '@lucide/svelte/icons/circle-question-mark';
  import Settings from '@lucide/svelte/icons/settings';
  import Menu from '@lucide/svelte/icons/menu';
  import LampDesk from '@lucide/svelte/icons/lamp-desk';
  import Sun from '@lucide/svelte/icons/sun';
  import { mode, ModeWatcher, setTheme, toggleMode } from 'mode-watcher';
  import { afterNavigate } from '$app/navigation';
  import { page } from '$app/state';
  import { keepFocus } from '$lib/ui/frame/keep-focus';
  import { isTyping } from '$lib/ui/frame/typing';
  import { teller } from '$lib/ui/frame/tell.svelte';
  import { paths } from '$lib/ui/paths';
  import { opening } from '$lib/ui/state/opening.svelte';
  import { watchUpdate } from '$lib/ui/state/update.svelte';
  import { OPENING, REFUSED } from '$lib/ui/frame/refusals';
  import { closeWord, openedWord } from '$lib/ui/words/opened.svelte';

  let { children }: { children: Snippet } = $props();
  const storage = opening();
  const update = watchUpdate();
  let online = $state(true);
  let helping = $state(false);
  /** A question mark asks which keys work here, wherever it is no letter that is typed. */
  function question(event: KeyboardEvent): void {
    const busy = isTyping(event.target) || (event.target as Element).closest?.('[role=dialog]');
    if (event.key === '?' && !busy) helping = true;
  }
  const Teller = $derived(teller());

  // mode-watcher keeps the choice and writes data-theme itself; the name of our theme follows its mode.
  $effect(() => {
    const name = mode.current === 'dark' ? 'lamp' : 'day';
    // From one light to the other at once: half-way colours are hard to read.
    const { classList } = document.documentElement;
    classList.add('relit');
    // setTheme reads what it writes; followed here, it would call itself for ever.
    untrack(() => setTheme(name));
    requestAnimationFrame(() => requestAnimationFrame(() => classList.remove('relit')));
  });

  onMount(() => {
    online = navigator.onLine;
  });

  const links = [
    { href: paths.bench, label: 'Bench' },
    { href: paths.machines, label: 'Machines' },
    { href: paths.yarns, label: 'Yarns' },
    { href: paths.swatches, label: 'Swatches' },
    { href: paths.standIns, label: 'Substitute' },
    { href: paths.measures, label: 'Measures' },
    { href: paths.series, label: 'Series' },
    { href: paths.log, label: 'Log' },
    { href: paths.backup, label: 'Your data' },
    // On a narrow screen there is no room for its sign.
    { href: paths.settings, label: 'Settings', narrow: true }
  ];
  // The menu of a narrow screen has done its work once a page was chosen.
  afterNavigate(() => {
    document.getElementById('menu')?.hidePopover();
    closeWord();
    helping = false;
  });
  // While one cranks the piece has the screen; on a small one the menu waits on the other pages.
  const cranking = $derived(page.url.pathname.endsWith('/crank'));
  const here = (href: string): boolean => page.url.pathname === href;
</script>

<svelte:window ononline={() => (online = true)} onoffline={() => (online = false)} onkeydown={question} />
<!-- Its way to stop transitions is a style sheet written into the page, which the policy does not obey. -->
<ModeWatcher disableHeadScriptInjection disableTransitions={false} />
{#if Teller}
  <Teller
    position="bottom-center"
    closeButton
    theme={mode.current === 'dark' ? 'dark' : 'light'}
    toastOptions={{ duration: 9000 }}
  />
{/if}

{#if helping}
  {#await import('$lib/ui/frame/HelpDialog.svelte') then { default: HelpDialog }}
    <HelpDialog path={page.url.pathname} onclose={() => (helping = false)} />
  {/await}
{/if}
{#if openedWord()}
  {#await import('$lib/ui/words/WordSheet.svelte') then { default: WordSheet }}<WordSheet />{/await}
{/if}

<a href="#main" class="btn sr-only btn-accent focus:not-sr-only focus:absolute focus:z-50">To the content</a>
<header class="border-b border-base-300 bg-base-100 print:hidden {cranking ? 'snug:hidden' : ''}">
  <div
    class="mx-auto flex max-w-[110rem] flex-wrap items-center gap-x-2 px-4 py-1 max-[22rem]:gap-x-0 lg:flex-nowrap lg:py-1.5"
  >
    <a href={paths.bench} class="mr-2 flex items-center gap-2 py-1 font-display text-xl font-bold">
      <img src="/icon.svg" alt="" class="size-8" /> Tomble
    </a>
    <button type="button" class="btn btn-ghost lg:hidden" popovertarget="menu"
      ><Menu class="size-5" /><span class="max-[24rem]:sr-only">Menu</span></button
    >
    <!-- In a row where there is room; elsewhere a sheet that the button opens. -->
    <nav
      id="menu"
      popover="auto"
      aria-label="Main"
      class="max-lg:inset-x-2 max-lg:top-14 max-lg:m-0 max-lg:w-auto max-lg:grid-cols-2 max-lg:rounded-box max-lg:border max-lg:border-base-content/40 max-lg:bg-base-100 max-lg:p-2 max-lg:text-base-content max-lg:shadow-xl max-lg:open:grid lg:static lg:flex lg:min-w-0 lg:bg-transparent lg:text-base-content"
    >
      {#each links as link (link.href)}
        <a
          href={link.href}
          aria-current={here(link.href) ? 'page' : undefined}
          class="flex min-h-11 items-center border-b-3 px-3 whitespace-nowrap lg:max-xl:px-2.5 {link.narrow
            ? 'sm:hidden'
            : ''} {here(link.href)
            ? 'border-accent font-semibold'
            : 'border-transparent hover:border-base-300 forced-colors:border-[Canvas]'}">{link.label}</a
        >
      {/each}
    </nav>
    <div class="flex-1"></div>
    {#if !online}<span class="badge badge-warning" role="status"
        >Offline<span class="max-md:sr-only">: all works, nothing is lost</span></span
      >{/if}
    {#if update.state !== 'none'}
      <button type="button" class="btn btn-primary btn-sm" onclick={update.take}>
        {#if update.state === 'waiting'}<span class="max-md:sr-only">A new version is here: use it</span><span
            class="md:hidden"
            aria-hidden="true">New version</span
          >{:else}This window is older: load it anew{/if}
      </button>
    {/if}
    <a class="btn btn-square btn-ghost max-sm:hidden" href={paths.settings} aria-label="Settings"
      ><Settings class="size-5" /></a
    >
    <button type="button" class="btn btn-square btn-ghost" aria-label="Help" onclick={() => (helping = true)}
      ><CircleQuestionMark class="size-5" /></button
    >
    <button
      type="button"
      class="btn btn-square btn-ghost"
      onclick={toggleMode}
      aria-label={mode.current === 'dark' ? 'Daylight' : 'Lamp light'}
    >
      {#if mode.current === 'dark'}<Sun class="size-5" />{:else}<LampDesk class="size-5" />{/if}
    </button>
  </div>
</header>
<main
  id="main"
  tabindex="-1"
  {@attach keepFocus}
  class="outline-none {cranking ? 'flex min-h-[calc(100dvh-3.6rem)] flex-col snug:min-h-dvh' : ''}"
>
  {#if storage.state === 'open'}
    {#if storage.unwritten}
      <p class="border-b border-error bg-error/8 px-4 py-2 print:hidden" role="alert">
        <strong>Nothing new can be kept.</strong>
        {REFUSED[storage.unwritten]} All that is here can be read and saved as files; make room, then load the page again.
        {#if storage.unwritten === 'full'}
          {#await import('$lib/ui/data/BinOffer.svelte') then { default: BinOffer }}
            <BinOffer ondone={() => location.reload()} />
          {/await}
        {/if}
      </p>
    {/if}
    {@render children()}
  {:else if storage.state === 'opening'}
    <p class="p-8 text-center quiet" role="status">Opening the cupboard …</p>
  {:else}
    {@const said = OPENING[storage.state]}
    <div class="mx-auto max-w-xl p-8" role="alert">
      <h1 class="text-2xl font-semibold">{said.title}</h1>
      <p class="mt-2">{said.text}</p>
      <button type="button" class="btn mt-4 btn-primary" onclick={() => location.reload()}>Load the page again</button>
    </div>
  {/if}
</main>
