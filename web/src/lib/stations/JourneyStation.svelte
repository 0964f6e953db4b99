<!-- What happens to it on the way. -->
<script lang="ts">
  import { api, call, type JourneyChoice, type PackFile } from '../api/client';
  import type { Editable } from '../bench/editable';
  import { put } from '../bench/edit';
  import ChoiceField from '../parts/ChoiceField.svelte';
  import { lists } from '../lists.svelte';
  import QuantityField from '../parts/QuantityField.svelte';
  import { HOURS_A_YEAR } from '../units';

  let { bench, choose = true }: { bench: Editable; choose?: boolean } = $props();

  let journeys = $state.raw<JourneyChoice[]>([]);

  $effect(() => {
    if (choose) {
      void call(api.GET('/api/beginnings')).then(({ data }) => (journeys = data?.journeys ?? journeys));
    }
  });

  type Journey = PackFile['journey'];
  let journey = $derived(bench.pack.journey);
  let stack = $derived(journey.stack);

  function setProfile(profile: NonNullable<Journey['vibration']>['profile']) {
    const psd =
      profile === 'own'
        ? [
            [1, 0.0001],
            [200, 0.00001]
          ]
        : undefined;
    bench.put('/journey/vibration', psd ? { profile, psd } : { profile });
  }

  function setStacked(stacked: 'yes' | 'no') {
    const value =
      stacked === 'yes' ? { heightMm: 2400, days: 10, relativeHumidity: 0.5, pattern: 'aligned' } : undefined;
    bench.change(put(bench.pack, '/journey/stack', value), 'stack');
  }
</script>

<div class="station">
  {#if choose}
    <p>
      Take the whole journey from
      <ChoiceField
        label="A journey to take"
        value="none"
        disabled={bench.readOnly}
        options={[{ value: 'none', text: 'the catalogue' }, ...journeys.map((j) => ({ value: j.id, text: j.words }))]}
        onset={(id) => {
          const chosen = journeys.find((j) => j.id === id);
          if (chosen) {
            bench.change({ ...bench.pack, journey: chosen.journey as Journey }, `journey ${id}`);
          }
        }}
      />; <a class="underline" href="/journeys">look into them</a>.
    </p>
  {/if}
  <p>
    It is dropped
    <ChoiceField
      label="Which drops count"
      value={journey.drop.sequence ?? 'all'}
      disabled={bench.readOnly}
      options={lists.options((l) => l.dropSequences)}
      onset={(value) => bench.put('/journey/drop/sequence', value)}
    />,
    <ChoiceField
      label="Impacts"
      value={journey.drop.impacts ?? 'first'}
      disabled={bench.readOnly}
      options={lists.options((l) => l.impacts)}
      onset={(value) => bench.put('/journey/drop/impacts', value)}
    />. The drop height follows from the gross mass by the table, or is your own: the sentence above has it.
  </p>
  <p>
    It rides
    <ChoiceField
      label="The ride"
      value={journey.vibration?.profile ?? 'none'}
      disabled={bench.readOnly}
      options={lists.options<NonNullable<Journey['vibration']>['profile']>((l) => l.rides)}
      onset={setProfile}
    />, at
    <QuantityField
      kind="number"
      unit="°C"
      least={-100}
      label="Lowest temperature"
      value={journey.temperatureC?.min ?? 23}
      disabled={bench.readOnly}
      problem={bench.problemAt('/journey/temperatureC/min')}
      onset={(value) => bench.put('/journey/temperatureC/min', value)}
    />
    to
    <QuantityField
      kind="number"
      unit="°C"
      least={-100}
      label="Highest temperature"
      value={journey.temperatureC?.max ?? 23}
      disabled={bench.readOnly}
      problem={bench.problemAt('/journey/temperatureC/max')}
      onset={(value) => bench.put('/journey/temperatureC/max', value)}
    />, for
    <QuantityField
      kind="number"
      unit="h"
      label="Hours on the way"
      value={journey.hours}
      optional
      disabled={bench.readOnly}
      problem={bench.problemAt('/journey/hours')}
      onset={(value) => bench.put('/journey/hours', value)}
    />. It lies in storage for
    <QuantityField
      kind="number"
      unit="years"
      decimals={3}
      step={1}
      label="Years in storage"
      value={journey.storageHours === undefined ? undefined : journey.storageHours / HOURS_A_YEAR}
      optional
      disabled={bench.readOnly}
      problem={bench.problemAt('/journey/storageHours')}
      onset={(value) =>
        bench.put('/journey/storageHours', value === undefined ? undefined : Math.round(value * HOURS_A_YEAR))}
    />, in which foam thins under its load.
  </p>
  {#if journey.vibration?.profile === 'own'}
    <p>
      Profile (Hz, g²/Hz):
      {#each journey.vibration.psd ?? [] as point, i (i)}
        <span class="whitespace-nowrap"
          ><QuantityField
            kind="number"
            label="Frequency {i + 1}, Hz"
            value={point[0]}
            disabled={bench.readOnly}
            problem={bench.problemAt(`/journey/vibration/psd/${i}/0`)}
            onset={(value) => bench.put(`/journey/vibration/psd/${i}/0`, value)}
          />
          <QuantityField
            kind="number"
            decimals={7}
            label="Density {i + 1}, g2/Hz"
            value={point[1]}
            step={0.001}
            disabled={bench.readOnly}
            problem={bench.problemAt(`/journey/vibration/psd/${i}/1`)}
            onset={(value) => bench.put(`/journey/vibration/psd/${i}/1`, value)}
          /></span
        >;
      {/each}
    </p>
  {/if}
  <p>
    In a pile it is
    <ChoiceField
      label="In a pile"
      value={stack ? 'yes' : 'no'}
      disabled={bench.readOnly}
      options={[
        { value: 'yes', text: 'stacked' },
        { value: 'no', text: 'never stacked' }
      ]}
      onset={setStacked}
    />{#if stack}&nbsp;up to
      <QuantityField
        kind="length"
        label="Height of the pile"
        value={stack.heightMm}
        step={100}
        disabled={bench.readOnly}
        problem={bench.problemAt('/journey/stack/heightMm')}
        onset={(value) => bench.put('/journey/stack/heightMm', value)}
      />
      for
      <QuantityField
        kind="number"
        unit="days"
        label="Days in the pile"
        value={stack.days ?? 10}
        disabled={bench.readOnly}
        problem={bench.problemAt('/journey/stack/days')}
        onset={(value) => bench.put('/journey/stack/days', value)}
      />
      at
      <QuantityField
        kind="number"
        unit="%"
        step={5}
        label="Relative humidity"
        value={Math.round((stack.relativeHumidity ?? 0.5) * 1e6) / 1e4}
        disabled={bench.readOnly}
        problem={bench.problemAt('/journey/stack/relativeHumidity')}
        onset={(value) =>
          bench.put('/journey/stack/relativeHumidity', value === undefined ? undefined : Math.round(value * 1e4) / 1e6)}
      />
      humidity,
      <ChoiceField
        label="How boxes stand on one another"
        value={stack.pattern ?? 'aligned'}
        disabled={bench.readOnly}
        options={lists.options((l) => l.stackPatterns)}
        onset={(value) => bench.put('/journey/stack/pattern', value)}
      />{/if}.
  </p>
</div>
