<!-- What a station is for, in a packer's words. -->
<script lang="ts">
  import type { Station } from '../bench/bench.svelte';

  let { station }: { station: Station } = $props();

  const HELP: Record<Station, string[]> = {
    Item: [
      'Measure the item as it lies in the pack, with what already hangs on it. Weigh it.',
      'What it bears is the hardest stop it survives, in G, the pull of gravity taken so many times. A test tells it best; without one, take the lower end of its class.',
      'Where the weight sits lower or to one side, say so: it changes which foam is pressed.'
    ],
    Journey: [
      'How the pack is handled decides how far it falls: a parcel network drops a light box higher than a heavy one.',
      'Count all 26 blows, unless a laboratory plan counts fewer. Say "repeated" where it is dropped more than once on its way.',
      'A pile presses the carton for days; damp board carries much less.'
    ],
    Cushion: [
      'Each layer stands in the row, from the item outward. Choose one to change its foam, form, six thicknesses and area.',
      'Foam works best at one load: too little area and it is pressed flat, too much and it stays hard like a board.',
      'The path above shows how far each layer gives at the worst moment of the chosen blow.'
    ],
    Insert: [
      'Describe the item as a few upright blocks: each with its outline from above, the height at which it begins and ends, and whether it may be leaned on.',
      'An outline can be measured, traced in a photograph with printed marks round the item, or read from a drawing file. Several things can be laid out in one bed.',
      'Base and lid part at one height. The item goes in from above and the lid comes down over it, so foam is only where it can be put.',
      'A well is left empty: for fingers, for what goes along, or to take bearing area away where a snug bed is too stiff for a light thing; such grooves are among what would mend it.',
      'The section is taken along the line with the dot: drag it, or move it by arrow keys. Dashed is where the item has gone at the peak of the chosen blow.'
    ],
    Carton: [
      'A box is made to fit what is in it, with a little slack so that it goes in without force; or it comes from stock, and the room left is filled.',
      'Edge crush says how much a board carries on its edge; the grade says what it is meant for.',
      'The smallest carton that keeps the wall is the right one: size is what a light parcel pays for.',
      'Each blank is drawn as it is cut, seen from the inside, scores dashed, and folds up beside it: press a step, or move the slider by arrow keys.',
      'A carton from the store that is too high can be cut down to its contents: look in stock.',
      'Several pieces alike are set in cells at the station Item; their strips are cut here.',
      'Clearances say what lies on each face and whether it goes in; Whole pack turns it, takes its layers off one by one and draws them apart.',
      'Pads, posts, profiles, caps and straps are ticked at their box. They are cut from its board and carry no figure.'
    ],
    Walls: [
      'Say what may be used and how large the pack may be; every wall within that is looked at.',
      'What is left are walls of which none is smaller, lighter and cheaper than another and holds better too: between those you choose.',
      'Taking one puts it on the bench in place of your layers. One undo brings yours back.'
    ],
    Release: [
      'A release freezes the pack under a number of the house; its papers, labels and the packing table work from that.',
      'While something breaks it is not released, unless a keeper signs a reason, which then stands on every paper.',
      'Steps can be reworded and put into another order, as far as it can be done. What you wrote is kept when the design changes, and marked when it no longer fits.'
    ]
  };
</script>

<details class="help">
  <summary>Help with {station.toLowerCase()}</summary>
  <ul>
    {#each HELP[station] as line (line)}<li>{line}</li>{/each}
  </ul>
</details>

<style>
  .help {
    line-height: 1.4;
  }
  summary {
    display: inline-block;
    min-height: 1.5rem;
    cursor: pointer;
    border-bottom: 1px dashed var(--color-base-content);
  }
  ul {
    display: grid;
    gap: 0.25rem;
    max-width: 60rem;
    margin: 0.375rem 0;
    padding-left: 1.1rem;
    list-style: disc;
  }
</style>
