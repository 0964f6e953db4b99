<!-- How the house shows lengths, masses and numbers. -->
<script lang="ts">
  import type { HouseWays, Problem } from '../api/client';
  import { house } from '../house.svelte';
  import ChoiceField from '../parts/ChoiceField.svelte';
  import Trouble from '../parts/Trouble.svelte';
  import { session } from '../session.svelte';
  import { length, mass } from '../units';

  let problem = $state.raw<Problem | null>(null);

  async function set(changed: Partial<HouseWays>) {
    problem = await house.set({ ...house.ways, ...changed });
  }
</script>

<section aria-labelledby="ways-title">
  <h2 id="ways-title" class="text-lg font-semibold">Ways of the house</h2>
  <p>
    Lengths are shown in <ChoiceField
      label="Unit of lengths"
      value={house.ways.lengthUnit as 'mm' | 'in'}
      options={[
        { value: 'mm', text: 'millimetres' },
        { value: 'in', text: 'inches' }
      ]}
      disabled={!session.keeper}
      onset={(lengthUnit) => set({ lengthUnit })}
    />, masses in <ChoiceField
      label="Unit of masses"
      value={house.ways.massUnit as 'kg' | 'lb'}
      options={[
        { value: 'kg', text: 'kilograms' },
        { value: 'lb', text: 'pounds' }
      ]}
      disabled={!session.keeper}
      onset={(massUnit) => set({ massUnit })}
    />, numbers with a <ChoiceField
      label="How numbers are written"
      value={house.ways.numbers as 'point' | 'comma'}
      options={[
        { value: 'point', text: 'decimal point' },
        { value: 'comma', text: 'decimal comma' }
      ]}
      disabled={!session.keeper}
      onset={(numbers) => set({ numbers })}
    />: {length(38.1)}, {mass(4.8)}. Prices are in
    <input
      class="in-sentence currency"
      aria-label="Currency of prices"
      maxlength="3"
      value={house.ways.currency}
      disabled={!session.keeper}
      onchange={(e) => set({ currency: e.currentTarget.value.trim().toUpperCase() })}
    />.
  </p>
  <!-- eslint-disable-next-line no-restricted-syntax -- it says which units are taken -->
  <p class="quiet">
    Any field takes any of them: 38, 3.8 cm, 1 1/2 in, 4.8 kg, 9 lb 7 oz. What is stored stays in millimetres and
    kilograms, to the last digit.{session.keeper ? '' : ' A keeper of the house can change this.'}
  </p>
  <Trouble {problem} />
</section>

<style>
  .currency {
    width: 3.25rem;
    text-transform: uppercase;
  }
</style>
