<!-- Tables of what carriers charge: open comma-separated values that the keeper edits, brings and takes away. -->
<script lang="ts">
  import { api, call, type Problem } from '../api/client';
  import Trouble from '../parts/Trouble.svelte';
  import { session } from '../session.svelte';

  let table = $state('');
  let kept = $state('');
  let told = $state('');
  let problem = $state.raw<Problem | null>(null);

  void call(api.GET('/api/house/tariffs')).then(({ data }) => {
    table = data?.table ?? '';
    kept = table;
  });

  async function keep(event: SubmitEvent) {
    event.preventDefault();
    const answer = await call(api.PUT('/api/house/tariffs', { body: { table } }));
    problem = answer.problem ?? null;
    told = answer.data ? 'Kept.' : '';
    kept = answer.data?.table ?? kept;
  }

  async function standIn() {
    const answer = await call(api.GET('/api/stand-in/tariffs'));
    problem = answer.problem ?? null;
    table = answer.data?.table ?? table;
    told = answer.data
      ? 'Three services that do not exist: every figure is invented. Keep the table to try with it.'
      : '';
  }

  async function bring(event: Event & { currentTarget: HTMLInputElement }) {
    const file = event.currentTarget.files?.[0];
    if (file) {
      table = await file.text();
      told = `${file.name} is read; keep it if it is right.`;
      event.currentTarget.value = '';
    }
  }
</script>

<section aria-labelledby="tariffs-title">
  <h2 id="tariffs-title" class="text-lg font-semibold">What carriers charge</h2>
  <p class="quiet">
    One fact a row: <code>service,kind,what,value,price</code>. Kinds are <code>divisor</code> (cm³ to a kilogram),
    <code>band</code> (price up to a billed mass), <code>limit</code> and <code>surcharge</code> (what:
    <code>longest-mm second-mm length-and-girth-mm sum-mm litres mass-kg</code>) and <code>invented</code>. The
    carrier's own terms come first.
  </p>
  <form onsubmit={keep}>
    <textarea
      class="textarea w-full font-mono text-xs"
      rows="9"
      spellcheck="false"
      aria-label="Table of what carriers charge"
      disabled={!session.keeper}
      bind:value={table}></textarea>
    {#if problem}<Trouble {problem} />{/if}
    <p role="status">{told}</p>
    <div class="flex flex-wrap items-center gap-2">
      {#if session.keeper}
        <button class="btn btn-sm" disabled={table === kept}>Keep this table</button>
        <label class="plain-button underline"
          >Bring a file<input class="sr-only" type="file" accept=".csv,text/csv" onchange={bring} /></label
        >
        <button type="button" class="plain-button underline" onclick={standIn}>Take the invented services</button>
      {/if}
      <a
        class="plain-button underline"
        download="what-carriers-charge.csv"
        href="data:text/csv;charset=utf-8,{encodeURIComponent(kept)}">Take it away</a
      >
    </div>
  </form>
</section>
