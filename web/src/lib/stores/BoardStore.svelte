<!-- Boards with their figures and the limits of their grade; wraps. -->
<script lang="ts">
  import { materials } from '../catalogue.svelte';
  import { house } from '../house.svelte';
  import OwnList from './OwnList.svelte';
  import { lists } from '../lists.svelte';
  import { lengthIn, numberOf, shown, unitOf } from '../units';
</script>

<h2 class="text-lg font-semibold">Boards</h2>
<!-- Focusable, so that it can be scrolled by keyboard where it is wider than the screen. -->
<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
<div class="scrolls" role="region" aria-label="Boards" tabindex="0">
  <table class="figures-table">
    <thead>
      <tr>
        <th scope="col">Board</th>
        <th scope="col" class="number">Caliper, {house.ways.lengthUnit}</th>
        <th scope="col" class="number">Edge crush, {unitOf('edgeCrush')}</th>
        <th scope="col" class="number">Grammage, {unitOf('grammage')}</th>
        <th scope="col" class="number">Grade meant for up to, {unitOf('gradeMass')}</th>
        <th scope="col" class="number">and length + width + height, {unitOf('gradeSum')}</th>
      </tr>
    </thead>
    <tbody>
      {#each materials.all.boards as board (board.id)}
        <tr>
          <th scope="row">{board.name}{board.doubleWall ? ', double wall' : ''}</th>
          <td class="number">{lengthIn(board.caliperMm, 1)}</td>
          <td class="number">{shown(numberOf('edgeCrush', board.edgeCrushLbPerIn), 2)}</td>
          <td class="number">{shown(numberOf('grammage', board.grammageGm2), 0)}</td>
          <td class="number">{shown(numberOf('gradeMass', board.limitLb), 1)}</td>
          <td class="number">{shown(numberOf('gradeSum', board.limitIn), 0)}</td>
        </tr>
      {/each}
    </tbody>
  </table>
</div>
<p class="quiet mt-2">
  Caliper and grammage are nominal, typical of the class. Edge crush is the grade's own number. Limits of the grades: {materials
    .all.boards[0]?.limitsSource}; ask your carrier and your board maker.
</p>
<OwnList
  kind="board"
  title="Boards of the house"
  columns={[
    {
      field: 'flute',
      label: 'Flute',
      kind: 'choice',
      options: ['E', 'B', 'C', 'BC', 'EB'].map((f) => ({ value: f, text: `${f} flute` }))
    },
    { field: 'caliperMm', label: 'Caliper', kind: 'length', step: 0.1 },
    { field: 'edgeCrushLbPerIn', label: 'Edge crush', kind: 'edgeCrush' },
    { field: 'grammageGm2', label: 'Grammage', kind: 'grammage', step: 10 },
    { field: 'limitLb', label: 'Up to', kind: 'gradeMass', decimals: 1 },
    { field: 'limitIn', label: 'L + W + H', kind: 'gradeSum', decimals: 0 },
    { field: 'source', label: 'Source', kind: 'text' }
  ]}
  fresh={{
    flute: 'C',
    caliperMm: 4,
    edgeCrushLbPerIn: 32,
    grammageGm2: 540,
    limitLb: 65,
    limitIn: 75,
    source: 'begun with the figures of C flute, 32 ECT'
  }}
/>

<h2 class="mt-6 text-lg font-semibold">Wraps</h2>
<p>
  {materials.all.wraps.map((w) => w.name).join(', ')}. A wrap adds its thickness on every side and nothing else: it
  keeps surfaces clean, it does not soften a blow.
</p>
<OwnList
  kind="wrap"
  title="Wraps of the house"
  columns={[
    { field: 'substance', label: 'Made of', kind: 'choice', options: lists.options((l) => l.substances) },
    { field: 'source', label: 'Source', kind: 'text' }
  ]}
  fresh={{ substance: 'paper-acid-free', source: '' }}
/>
