<!-- The strip at the foot: what the pack comes to. A figure that does not exist is left out. -->
<script lang="ts">
  import { mass, said, shown, sizeText } from '../units';
  import type { Bench } from './bench.svelte';

  let { bench }: { bench: Bench } = $props();

  let evaluation = $derived(bench.evaluation!);
</script>

<footer class="strip">
  <dl>
    <div>
      <dt class="quiet">Outside</dt>
      <dd data-figure="outside">
        {sizeText(evaluation.outsideMm)}
      </dd>
    </div>
    <div>
      <dt class="quiet">Gross</dt>
      <dd data-figure="gross">{mass(evaluation.grossMassKg)}</dd>
    </div>
    <div>
      <dt class="quiet">Velocity change</dt>
      <dd>{said('velocity', evaluation.velocityChangeMps, 2)}</dd>
    </div>
    {#if evaluation.naturalFrequencyHz !== null}
      <div>
        <dt class="quiet">Swings on its foam at</dt>
        <dd>{shown(evaluation.naturalFrequencyHz, 1)} Hz</dd>
      </div>
    {/if}
  </dl>
  <p class="rests">
    Rests on nominal foam constants, good to about 20 %. A prediction for planning: prove what is valuable or can hurt
    someone in a laboratory.
  </p>
</footer>

<style>
  .strip {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    justify-content: space-between;
    gap: 0.25rem 2rem;
    padding: 0.375rem 1.125rem;
    border-top: 1px solid var(--color-base-300);
    background: var(--color-base-200);
  }
  dl {
    display: flex;
    flex-wrap: wrap;
    gap: 0.25rem 2rem;
  }
  dt {
    font-size: 0.75rem;
  }
  dd {
    font-weight: 650;
  }
  .rests {
    max-width: 27rem;
    font-size: 0.75rem;
  }
</style>
