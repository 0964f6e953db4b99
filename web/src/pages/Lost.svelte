<!-- An address that leads nowhere. -->
<script lang="ts">
  import Head from '../lib/parts/Head.svelte';
</script>

<Head />
<main id="main" class="p-6">
  <h1 class="text-lg font-semibold">There is no page here</h1>
  <p class="mt-2">Nothing is lost: your packs are on <a class="underline" href="/">the shelf</a>.</p>
</main>
