<!-- All that one layer can have, as a sentence with fields in it. -->
<script lang="ts">
  import type { BoardsLayer, CushionLayer, WrapLayer } from '../api/client';
  import { materials } from '../catalogue.svelte';
  import { AROUND, capital } from '../faces';
  import ChoiceField from '../parts/ChoiceField.svelte';
  import QuantityField from '../parts/QuantityField.svelte';
  import { house } from '../house.svelte';
  import { lists } from '../lists.svelte';
  import { figure, length, lengthIn, numberOf, unitOf } from '../units';
  import type { Bench } from './bench.svelte';
  import BoxEditor from './BoxEditor.svelte';
  import { common, side, withForm, withSide } from './edit';

  let { bench, index }: { bench: Bench; index: number } = $props();

  let layer = $derived(bench.pack.layers[index]!);
  let at = $derived(`/layers/${index}`);
  let foam = $derived(
    layer.kind === 'cushion' ? materials.all.foams.find((f) => f.id === (layer as CushionLayer).material) : undefined
  );
  let laid = $derived(bench.evaluation?.cushions.find((c) => c.layer === index));

  function setSix(field: 'thicknessMm' | 'bearingCm2' | 'padCount', face: (typeof AROUND)[number], value?: number) {
    if (value !== undefined) {
      const cushion = layer as CushionLayer;
      bench.put(`${at}/${field}`, withSide(cushion[field], face, value, field === 'padCount' ? 1 : 0));
    }
  }

  function setAll(field: 'thicknessMm' | 'bearingCm2' | 'padCount', value?: number) {
    if (value !== undefined) {
      bench.put(`${at}/${field}`, { all: value });
    }
  }

  function problem(field: string, face: string): string | undefined {
    return bench.problemAt(`${at}/${field}/${face}`) ?? bench.problemAt(`${at}/${field}/all`);
  }
</script>

{#snippet wrap(layer: WrapLayer)}
  <p class="sentence">
    Wrapped in
    <ChoiceField
      label="Wrap"
      value={layer.material}
      disabled={bench.readOnly}
      options={materials.choices('wraps').map((w) => ({ ...w, text: w.text.toLowerCase() }))}
      onset={(value) => bench.put(`${at}/material`, value)}
    />, in all
    <QuantityField
      kind="length"
      label="Thickness of the wrap"
      value={layer.thicknessMm}
      step={1}
      disabled={bench.readOnly}
      problem={bench.problemAt(`${at}/thicknessMm`)}
      onset={(value) => bench.put(`${at}/thicknessMm`, value)}
    />
    on each side,
    <ChoiceField
      label="Tape of the wrap"
      value={layer.tape ?? 'none'}
      disabled={bench.readOnly}
      options={lists.options((l) => l.tapes)}
      onset={(value) => bench.put(`${at}/tape`, value === 'none' ? undefined : value)}
    />. It adds size and softens nothing.
  </p>
{/snippet}

{#snippet boards(layer: BoardsLayer)}
  <p class="sentence">
    Flat work between rigid boards of
    <ChoiceField
      label="Rigid board"
      value={layer.board}
      disabled={bench.readOnly}
      options={materials.choices('boards')}
      onset={(value) => bench.put(`${at}/board`, value)}
    />,
    <QuantityField
      kind="number"
      unit=""
      decimals={0}
      label="Boards on each face"
      value={layer.plies ?? 1}
      least={1}
      disabled={bench.readOnly}
      problem={bench.problemAt(`${at}/plies`)}
      onset={(value) => bench.put(`${at}/plies`, value)}
    />
    on each face, across its
    <ChoiceField
      label="Boards lie across"
      value={layer.across ?? 'height'}
      disabled={bench.readOnly}
      options={[
        { value: 'height' as const, text: 'height: above and below' },
        { value: 'length' as const, text: 'length: left and right' },
        { value: 'width' as const, text: 'width: front and back' }
      ]}
      onset={(value) => bench.put(`${at}/across`, value)}
    />. They stand out
    <QuantityField
      kind="length"
      label="Overhang of the boards"
      value={layer.overhangMm}
      disabled={bench.readOnly}
      problem={bench.problemAt(`${at}/overhangMm`)}
      onset={(value) => bench.put(`${at}/overhangMm`, value)}
    />
    past it on every edge ({lengthIn(25, 0)} to {length(38, 0)} is common practice), with an interleaf of
    <QuantityField
      kind="length"
      label="Interleaf"
      value={layer.interleafMm ?? 0}
      step={0.5}
      disabled={bench.readOnly}
      problem={bench.problemAt(`${at}/interleafMm`)}
      onset={(value) => bench.put(`${at}/interleafMm`, value)}
    />
    over its face, all edges taped. The work itself is as stiff as
    <QuantityField
      kind="moment"
      label="Stiffness of the work itself"
      value={layer.workStiffnessNm ?? 0}
      disabled={bench.readOnly}
      problem={bench.problemAt(`${at}/workStiffnessNm`)}
      onset={(value) => bench.put(`${at}/workStiffnessNm`, value)}
    />
    for each metre of its width; a print is 0. What the boards bear stands with the board in Stores.
  </p>
{/snippet}

{#snippet cushion(layer: CushionLayer)}
  <p class="sentence">
    <ChoiceField
      label="Foam"
      value={layer.material}
      disabled={bench.readOnly}
      options={materials.choices('foams')}
      onset={(value) => bench.put(`${at}/material`, value)}
    />
    as
    <ChoiceField
      label="Form"
      value={layer.form}
      disabled={bench.readOnly}
      options={lists.options<CushionLayer['form']>((l) => l.forms)}
      onset={(value) =>
        bench.change(
          { ...bench.pack, layers: bench.pack.layers.with(index, withForm(layer, value, bench.pack.item.sizeMm)) },
          'form'
        )}
    />,
    <QuantityField
      kind="length"
      label="Thickness on all sides"
      sheet={materials.sheetsOf(layer.material)[0]}
      value={common(layer.thicknessMm) ?? undefined}
      optional
      disabled={bench.readOnly}
      problem={bench.problemAt(`${at}/thicknessMm/all`)}
      onset={(value) => setAll('thicknessMm', value)}
    />
    {#if layer.form === 'pads'}
      thick, bearing on
      <QuantityField
        kind="area"
        step={10}
        label="Bearing area on all sides"
        value={common(layer.bearingCm2) ?? undefined}
        optional
        disabled={bench.readOnly}
        problem={bench.problemAt(`${at}/bearingCm2/all`)}
        onset={(value) => setAll('bearingCm2', value)}
      />
      a side in
      <QuantityField
        kind="number"
        least={1}
        label="Pads on all sides"
        value={common(layer.padCount, 1) ?? undefined}
        optional
        disabled={bench.readOnly}
        problem={bench.problemAt(`${at}/padCount/all`)}
        onset={(value) => setAll('padCount', value)}
      />
      pads.
    {:else if layer.form === 'corners'}
      thick, each block reaching
      {#each ['length', 'width', 'height'] as const as edge, i (edge)}
        {i > 0 ? ' × ' : ''}<QuantityField
          kind="length"
          label="Block along the {edge}"
          value={layer.blockMm?.[edge]}
          showUnit={edge === 'height'}
          disabled={bench.readOnly}
          problem={bench.problemAt(`${at}/blockMm/${edge}`)}
          onset={(value) => bench.put(`${at}/blockMm/${edge}`, value)}
        />
      {/each}
      along the edges.
    {:else if layer.form === 'bed'}
      thick round the item, whose shape is cut out of it: the station Insert says where.
    {:else}
      thick on every side.
    {/if}
    {#if foam}
      <span class="quiet"
        >{foam.note ? `${capital(foam.note)}. ` : ''}{foam.tests?.first
          ? `Measured: ${foam.tests.first.points} drop tests of the house.`
          : foam.basis === 'nominal'
            ? 'Nominal figures, good to about 20 %.'
            : 'Figures given by the house.'}</span
      >
    {/if}
  </p>
  <!-- Focusable, so that it can be scrolled by keyboard where it is wider than the screen. -->
  <!-- svelte-ignore a11y_no_noninteractive_tabindex -->
  <div class="sides" role="region" aria-label="Side by side" tabindex="0">
    <table>
      <thead>
        <tr>
          <th scope="col"><span class="sr-only">quantity</span></th>
          {#each AROUND as face (face)}<th scope="col">{capital(face)}</th>{/each}
        </tr>
      </thead>
      <tbody>
        <tr>
          <th scope="row">thickness, {house.ways.lengthUnit}</th>
          {#each AROUND as face (face)}
            <td>
              <QuantityField
                kind="length"
                showUnit={false}
                label="{capital(face)} thickness"
                sheet={materials.sheetsOf(layer.material)[0]}
                value={side(layer.thicknessMm, face)}
                disabled={bench.readOnly}
                problem={problem('thicknessMm', face)}
                onset={(value) => setSix('thicknessMm', face, value)}
              />
            </td>
          {/each}
        </tr>
        {#if layer.form === 'pads'}
          <tr>
            <th scope="row">bearing area, {unitOf('area')}</th>
            {#each AROUND as face (face)}
              <td>
                <QuantityField
                  kind="area"
                  step={10}
                  showUnit={false}
                  label="{capital(face)} bearing area"
                  value={side(layer.bearingCm2, face)}
                  disabled={bench.readOnly}
                  problem={problem('bearingCm2', face)}
                  onset={(value) => setSix('bearingCm2', face, value)}
                />
              </td>
            {/each}
          </tr>
          <tr>
            <th scope="row">pads</th>
            {#each AROUND as face (face)}
              <td>
                <QuantityField
                  kind="number"
                  least={1}
                  label="{capital(face)} pads"
                  value={side(layer.padCount, face, 1)}
                  disabled={bench.readOnly}
                  problem={problem('padCount', face)}
                  onset={(value) => setSix('padCount', face, value)}
                />
              </td>
            {/each}
          </tr>
        {/if}
        {#if laid}
          <tr>
            <th scope="row">load at rest (static stress), {unitOf('stress')}</th>
            {#each AROUND as face (face)}
              {@const load = laid.staticStressKpa[face]}
              <td class="told">{load === null ? 'bare' : figure(numberOf('stress', load))}</td>
            {/each}
          </tr>
        {/if}
      </tbody>
    </table>
  </div>
{/snippet}

{#if layer.kind === 'cushion'}
  {@render cushion(layer)}
{:else if layer.kind === 'box'}
  <BoxEditor {bench} {index} />
{:else if layer.kind === 'boards'}
  {@render boards(layer)}
{:else}
  {@render wrap(layer)}
{/if}

<style>
  .sentence {
    line-height: 2;
  }
  .sides {
    overflow-x: auto;
  }
  table {
    font-size: 0.8125rem;
  }
  th {
    padding: 0 0.5rem 0 0;
    font-weight: 500;
    text-align: left;
  }
  thead th {
    padding-left: 0.25rem;
    min-width: 4rem;
  }
  td {
    padding: 1px 0.5rem 1px 0;
  }
  .told {
    padding-left: 0.25rem;
  }
</style>
