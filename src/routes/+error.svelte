<script lang="ts">
  import { page } from '$app/state';
  import { paths } from '$lib/ui/paths';
</script>

<svelte:head><title>{page.status === 404 ? 'Nothing here' : 'A stitch was dropped'} · Tomble</title></svelte:head>

<div class="mx-auto max-w-xl p-8">
  <h1 class="text-3xl font-semibold">
    {page.status === 404 ? 'There is nothing on this hook' : 'A stitch was dropped'}
  </h1>
  <p class="mt-2">
    {page.status === 404
      ? 'The address leads nowhere.'
      : 'Something went wrong on this page. What you entered is kept.'}
  </p>
  <a class="btn mt-4 btn-primary" href={paths.bench}>To the bench</a>
</div>
