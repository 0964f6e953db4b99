<!-- One or two proposed walls in full, what differs marked, and one to take. -->
<script lang="ts">
  import type { Proposal } from '../api/client';
  import { capital } from '../faces';
  import SmallSection from '../parts/SmallSection.svelte';
  import type { Measure } from './walls';

  let {
    walls,
    measures,
    words,
    parts,
    readOnly,
    ontake
  }: {
    walls: Proposal[];
    measures: Measure[];
    words: (wall: Proposal) => string;
    parts: (wall: Proposal) => string[];
    readOnly: boolean;
    ontake: (wall: Proposal) => void;
  } = $props();

  /** Whether this wall is the better of the two in that measure; undefined where they are equal or alone. */
  function better(measure: Measure, index: number): boolean | undefined {
    const [mine, other] = [walls[index], walls[1 - index]].map((w) => (w ? measure.of(w) : null));
    // What reads the same is the same to a person.
    const alike = walls.length === 2 && measure.text(walls[0]!) === measure.text(walls[1]!);
    if (mine == null || other == null || alike) {
      return undefined;
    }
    return measure.more ? mine > other : mine < other;
  }

  function differs(index: number, part: number): boolean {
    const both = walls.map(parts);
    return both.length === 2 && both[index]![part] !== both[1 - index]![part];
  }
</script>

<div class="pair">
  {#each walls as wall, index (index)}
    <article aria-label="Wall compared: {words(wall)}">
      <div class="small"><SmallSection solids={wall.solids} materials={wall.materials} /></div>
      <ol>
        {#each parts(wall) as part, at (at)}
          <li>
            {#if differs(index, at)}<mark>{capital(part)}</mark>{:else}{capital(part)}{/if}
          </li>
        {/each}
      </ol>
      <dl>
        {#each measures as m (m.key)}
          {@const wins = better(m, index)}
          <dt>{m.name}</dt>
          <dd class:wins>{m.text(wall)}{wins ? ', better' : ''}</dd>
        {/each}
      </dl>
      {#if !readOnly}
        <button type="button" class="btn btn-sm" onclick={() => ontake(wall)}>Take this wall</button>
      {/if}
    </article>
  {/each}
</div>

<style>
  .pair {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(min(100%, 18rem), 1fr));
    gap: 1rem;
    padding: 0.5rem 0;
    border-block: 1px solid var(--color-base-300);
  }
  .small {
    max-width: 280px;
    height: 170px;
  }
  mark {
    background: color-mix(in oklab, var(--color-warning) 30%, transparent);
    color: inherit;
  }
  dl {
    display: grid;
    grid-template-columns: max-content 1fr;
    gap: 0 0.75rem;
    margin: 0.375rem 0;
  }
  .wins {
    font-weight: 650;
  }
</style>
