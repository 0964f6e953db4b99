<!-- What is used up at the packing table and enters no computation: tape, labels, fill by the sack. -->
<script lang="ts">
  import OwnList from './OwnList.svelte';
</script>

<h2 class="text-lg font-semibold">Consumables</h2>
<p class="quiet">
  Tape, labels, bags, fill by the sack. They enter no computation; the list is there to keep them together.
</p>
<OwnList
  kind="consumable"
  title="Consumables of the house"
  columns={[
    { field: 'unit', label: 'Unit', kind: 'text' },
    { field: 'note', label: 'Note', kind: 'text' },
    { field: 'source', label: 'Source', kind: 'text' }
  ]}
  fresh={{ unit: 'roll', note: '', source: '' }}
/>
