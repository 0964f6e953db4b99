<!-- What lies between each box and its contents, face by face; whether it goes in with boards and foam as far off as they may be. -->
<script lang="ts">
  import { api, type Clearance } from '../api/client';
  import { answerOf } from '../bench/answer.svelte';
  import type { Bench } from '../bench/bench.svelte';
  import { house } from '../house.svelte';
  import Glyph from '../parts/Glyph.svelte';
  import { length, lengthIn } from '../units';

  let { bench }: { bench: Bench } = $props();

  const answer = answerOf(
    () => bench,
    (body, signal) => api.POST('/api/clearances', { params: { query: { units: house.ways.lengthUnit } }, body, signal })
  );
  let all = $derived(answer.value ?? []);

  /** Those that are filled alike are told together. */
  function alike(clearance: Clearance) {
    const groups = new Map<string, { faces: string[]; of: Clearance['faces'][number] }>();
    for (const face of clearance.faces) {
      const key = JSON.stringify([face.openMm, face.filled]);
      const group = groups.get(key);
      if (group) {
        group.faces.push(face.face);
      } else {
        groups.set(key, { faces: [face.face], of: face });
      }
    }
    return [...groups.values()];
  }

  function filled(face: Clearance['faces'][number]): string {
    const parts = face.filled.map((f) => `${length(f.mm, 1)} ${f.what}`);
    if (face.openMm > 0) {
      parts.push(`${length(face.openMm, 1)} open`);
    } else if (face.openMm < 0) {
      parts.push(`pressed by ${length(-face.openMm, 1)}`);
    }
    return parts.join(', then ') || 'touching';
  }
</script>

<section class="all" aria-label="Clearances">
  {#if answer.trouble}<p class="status-breaks" role="alert">{answer.trouble}</p>{/if}
  {#each all.toReversed() as clearance (clearance.layer)}
    <section aria-label={clearance.name}>
      <h2 class="font-semibold">{clearance.name}</h2>
      <ul class="remarks">
        {#each clearance.remarks as remark (remark.words)}
          <li>
            {#if remark.caution}<Glyph status="thin" />{/if}
            {remark.words}
          </li>
        {/each}
      </ul>
      <div class="tables">
        <table>
          <caption class="sr-only">What lies on each face, from what is inside outward</caption>
          <thead><tr><th scope="col">face</th><th scope="col">gap</th><th scope="col">what fills it</th></tr></thead>
          <tbody>
            {#each alike(clearance) as { faces, of } (faces.join())}
              <tr>
                <th scope="row">{faces.length === 6 ? 'all six' : faces.join(', ')}</th>
                <td>{length(of.wholeMm, 1)}</td>
                <td>{filled(of)}</td>
              </tr>
            {/each}
          </tbody>
        </table>
        <table>
          <caption class="sr-only">How far boards, foam and item may be off, and what is left</caption>
          <thead>
            <tr>
              <th scope="col">along</th><th scope="col">inside</th><th scope="col">contents</th><th scope="col">room</th
              ><th scope="col">may be off</th><th scope="col">left at worst</th>
            </tr>
          </thead>
          <tbody>
            {#each clearance.stacks as stack (stack.dimension)}
              <tr>
                <th scope="row">{stack.dimension}</th>
                <td>{lengthIn(stack.insideMm, 1)}</td>
                <td>{lengthIn(stack.contentsMm, 1)}</td>
                <td>{lengthIn(stack.slackMm, 1)}</td>
                <td title={stack.parts.map((p) => `${p.what} ${length(p.mm, 1)}`).join('; ')}
                  >{lengthIn(stack.likelyMm, 1)} to {lengthIn(stack.worstMm, 1)}</td
                >
                <td>{length(stack.leastMm, 1)}</td>
              </tr>
            {/each}
          </tbody>
        </table>
      </div>
      <details>
        <summary>What may be off, either way</summary>
        <ul>
          {#each clearance.stacks as stack (stack.dimension)}
            <li>{stack.dimension}: {stack.parts.map((p) => `${p.what} ${length(p.mm, 1)}`).join(', ')}</li>
          {/each}
        </ul>
      </details>
    </section>
  {/each}
  <p class="quiet">
    How far things are off is common practice, without a source: scores {length(3)} (double wall {length(5)}), board 5 %
    of its caliper, cut foam {length(2)} or 2 %. Measure a first pack.
  </p>
</section>

<style>
  .all {
    display: grid;
    gap: 1rem;
  }
  .remarks {
    max-width: 46rem;
  }
  .tables {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(min(24rem, 100%), 1fr));
    gap: 0.5rem 1.5rem;
    align-items: start;
    overflow-x: auto;
  }
  table {
    font-size: 0.8125rem;
    width: 100%;
  }
  th,
  td {
    padding: 0.2rem 0.75rem 0.2rem 0;
    text-align: left;
    vertical-align: top;
    font-weight: 500;
    border-bottom: 1px solid var(--color-base-300);
  }
  summary {
    cursor: pointer;
    font-size: 0.8125rem;
  }
  details li {
    font-size: 0.8125rem;
  }
</style>
