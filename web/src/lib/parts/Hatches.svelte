<!-- The hatches of all materials, once a page; every drawing refers to them. -->
<script lang="ts"></script>

<svg width="0" height="0" class="absolute" aria-hidden="true" focusable="false">
  <defs>
    <pattern id="hatch-item" width="12" height="12" patternUnits="userSpaceOnUse">
      <rect class="item" width="12" height="12" />
      <path class="item-line" d="M-2 14L14 -2M-2 2L2 -2M10 14L14 10" />
    </pattern>
    <pattern id="hatch-sheet" width="6" height="6" patternUnits="userSpaceOnUse">
      <rect class="wrap" width="6" height="6" />
      <path class="wrap-line" d="M0 3h6" />
    </pattern>
    <pattern id="hatch-dots" width="9" height="9" patternUnits="userSpaceOnUse">
      <rect class="foam" width="9" height="9" />
      <circle class="foam-dot" cx="2" cy="2" r="1" />
      <circle class="foam-dot" cx="6.5" cy="6.5" r="1" />
    </pattern>
    <pattern id="hatch-grain" width="14" height="14" patternUnits="userSpaceOnUse">
      <rect class="foam" width="14" height="14" />
      <path class="foam-line" d="M2 3q2 -2 4 0M9 8q2 -2 4 0M3 11q1 1.5 3 0M10 2.5l1.5 1" />
    </pattern>
    <pattern id="hatch-chevron" width="12" height="8" patternUnits="userSpaceOnUse">
      <rect class="foam" width="12" height="8" />
      <path class="foam-line" d="M0 6L3 3L6 6L9 3L12 6" />
    </pattern>
    <pattern id="hatch-beads" width="12" height="10" patternUnits="userSpaceOnUse">
      <rect class="bead" width="12" height="10" />
      <path class="bead-line" d="M3 0l3 2.5L3 5L0 2.5zM9 5l3 2.5L9 10L6 7.5z" />
    </pattern>
    <pattern id="hatch-wave" width="16" height="8" patternUnits="userSpaceOnUse">
      <rect class="foam" width="16" height="8" />
      <path class="foam-line" d="M0 4q4 -5 8 0t8 0" />
    </pattern>
    <pattern id="hatch-rings" width="10" height="10" patternUnits="userSpaceOnUse">
      <rect class="cell" width="10" height="10" />
      <circle class="cell-line" cx="5" cy="5" r="3.4" />
    </pattern>
    <pattern id="hatch-cells" width="20" height="20" patternUnits="userSpaceOnUse">
      <rect class="cell" width="20" height="20" />
      <rect class="cell-line" x="2" y="2" width="16" height="16" rx="6" />
    </pattern>
    <pattern id="hatch-crumbs" width="12" height="12" patternUnits="userSpaceOnUse">
      <rect class="bead" width="12" height="12" />
      <path class="bead-line" d="M2 3q0 -2 2 -2t2 2t-2 2t-2 -2M7 9q0 -2 2.2 -2t2.2 2t-2.2 2t-2.2 -2" />
    </pattern>
    <pattern id="hatch-creases" width="14" height="12" patternUnits="userSpaceOnUse">
      <rect class="wrap" width="14" height="12" />
      <path class="wrap-line" d="M0 2l5 2.6l3 -3l6 2.6M0 10l3.4 -2.6l5.6 3l5 -2.6" />
    </pattern>
    <pattern id="hatch-flute" width="5" height="6" patternUnits="userSpaceOnUse">
      <rect class="board" width="5" height="6" />
      <path class="board-line" d="M0 5L2.5 1L5 5" />
    </pattern>
  </defs>
</svg>

<style>
  path,
  .cell-line {
    fill: none;
    stroke-width: 1;
  }
  .item {
    fill: var(--item);
  }
  .item-line {
    stroke: var(--item-line);
    opacity: 0.55;
  }
  .wrap {
    fill: var(--wrap);
  }
  .wrap-line {
    stroke: var(--wrap-line);
  }
  .foam {
    fill: var(--foam);
  }
  .foam-line {
    stroke: var(--foam-line);
  }
  .foam-dot {
    fill: var(--foam-line);
  }
  .bead {
    fill: var(--bead);
  }
  .bead-line {
    stroke: var(--bead-line);
  }
  .cell {
    fill: var(--cell);
  }
  .cell-line {
    stroke: var(--cell-line);
  }
  .board {
    fill: var(--board);
  }
  .board-line {
    stroke: var(--board-line);
    opacity: 0.75;
  }
</style>
