<!-- What carriers take, by the figures of the house: a proposed wall that crosses one of these says so. -->
<script lang="ts">
  import { api, call, type CarrierLine, type Problem } from '../api/client';
  import QuantityField from '../parts/QuantityField.svelte';
  import Trouble from '../parts/Trouble.svelte';
  import { session } from '../session.svelte';
  import { length, mass, said } from '../units';

  let lines = $state.raw<CarrierLine[]>([]);
  let problem = $state.raw<Problem | null>(null);
  let name = $state('');

  void call(api.GET('/api/house/carriers')).then(({ data }) => (lines = data?.lines ?? lines));

  async function set(changed: CarrierLine[]) {
    const answer = await call(api.PUT('/api/house/carriers', { body: { lines: changed } }));
    problem = answer.problem ?? null;
    lines = answer.data?.lines ?? lines;
  }

  function change(index: number, part: Partial<CarrierLine>) {
    void set(lines.map((line, i) => (i === index ? { ...line, ...part } : line)));
  }

  async function add(event: SubmitEvent) {
    event.preventDefault();
    await set([...lines, { name, longestMm: null, lengthAndGirthMm: null, litres: null, massKg: null }]);
    name = problem ? name : '';
  }

  const LIMITS = [
    { key: 'longestMm', words: 'longest edge', kind: 'length', said: (v: number) => length(v, 0) },
    {
      key: 'lengthAndGirthMm',
      words: 'length and girth',
      kind: 'length',
      said: (v: number) => length(v, 0)
    },
    { key: 'litres', words: 'volume', kind: 'volume', said: (v: number) => said('volume', v, 0) },
    { key: 'massKg', words: 'mass', kind: 'mass', said: (v: number) => mass(v) }
  ] as const;
</script>

<section aria-labelledby="carriers-title">
  <h2 id="carriers-title" class="text-lg font-semibold">What carriers take</h2>
  <p class="quiet">
    The house's own figures; the carrier's terms come first. Leave empty what a service does not limit.
  </p>
  <ul class="carriers">
    {#each lines as line, index (index)}
      <li>
        <b>{line.name}</b>:
        {#each LIMITS as limit, at (limit.key)}
          {at > 0 ? ', ' : ''}{limit.words}
          {#if session.keeper}
            <QuantityField
              kind={limit.kind}
              label="{line.name}, {limit.words}"
              value={line[limit.key] ?? undefined}
              optional
              decimals={0}
              onset={(value) => change(index, { [limit.key]: value ?? null })}
            />
          {:else}{line[limit.key] === null ? 'any' : limit.said(line[limit.key]!)}{/if}
        {/each}
        {#if session.keeper}
          <button
            type="button"
            class="plain-button"
            aria-label="Take away {line.name}"
            onclick={() => set(lines.filter((_, i) => i !== index))}>Take away</button
          >
        {/if}
      </li>
    {/each}
  </ul>
  {#if session.keeper}
    <form class="flex gap-2" onsubmit={add}>
      <input class="text" aria-label="Name of a service" maxlength="60" required bind:value={name} />
      <button class="btn btn-sm">Add service</button>
    </form>
  {/if}
  <Trouble {problem} />
</section>

<style>
  .carriers {
    display: grid;
    gap: 0.25rem;
    margin: 0.25rem 0 0.5rem;
    line-height: 2;
  }
</style>
