<!-- One table of test data: a file, or pasted; templates to fill in. -->
<script lang="ts">
  let {
    kind,
    title,
    value,
    disabled,
    onset
  }: {
    kind: 'drops' | 'creep' | 'vibration';
    title: string;
    value: string;
    disabled: boolean;
    onset: (text: string) => void;
  } = $props();

  let rows = $derived(value.trim() === '' ? 0 : value.trim().split('\n').length - 1);

  async function take(event: Event & { currentTarget: HTMLInputElement }) {
    const file = event.currentTarget.files?.[0];
    if (file) {
      onset(await file.text());
      event.currentTarget.value = '';
    }
  }
</script>

<details open={kind === 'drops'}>
  <summary>{title}{rows > 0 ? `, ${rows} rows` : ', none'}</summary>
  <p class="my-1 flex flex-wrap items-center gap-3">
    <input type="file" accept=".csv,text/csv" aria-label="File with {title.toLowerCase()}" {disabled} onchange={take} />
    <a class="underline" href="/api/stores/templates/{kind}.csv" download="{kind}.csv">template, metric</a>
    {#if kind !== 'creep'}
      <a class="underline" href="/api/stores/templates/{kind}.csv?units=in" download="{kind}-inches.csv"
        >in inches and pounds</a
      >
    {/if}
  </p>
  <textarea
    class="text w-full font-mono text-xs"
    rows="4"
    aria-label="{title} as a table"
    placeholder="or paste the table here, parted by commas"
    {value}
    {disabled}
    oninput={(e) => onset(e.currentTarget.value)}></textarea>
</details>
