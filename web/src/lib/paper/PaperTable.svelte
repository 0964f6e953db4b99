<!-- A table on paper. -->
<script lang="ts">
  import type { PaperTable } from '../api/client';

  let { table }: { table: PaperTable } = $props();
</script>

<table class:narrow={table.narrow}>
  <caption>{table.caption}</caption>
  {#if table.columns.some((column) => column.head)}
    <thead>
      <tr>
        {#each table.columns as column (column.head)}<th class:number={column.number}>{column.head}</th>{/each}
      </tr>
    </thead>
  {/if}
  <tbody>
    {#each table.rows as row, index (index)}
      <tr>
        {#each row as cell, at (at)}<td class:number={table.columns[at]?.number}>{cell}</td>{/each}
      </tr>
    {/each}
  </tbody>
</table>

<style>
  table {
    width: 100%;
    align-self: start;
    border-collapse: collapse;
  }
  caption {
    padding-bottom: 0.5mm;
    font-weight: 700;
    text-align: left;
  }
  th {
    font-weight: 400;
    text-align: left;
    /* The words of a head are ours and short. */
    overflow-wrap: normal;
  }
  td,
  th {
    padding: 0.4mm 3mm 0.4mm 0;
    border-top: 1px solid var(--color-base-300);
    vertical-align: top;
  }
  td {
    /* A long name breaks where it must. */
    overflow-wrap: anywhere;
  }
  td + td:not(.number) {
    min-width: 6.5em;
  }
  .number {
    text-align: right;
    white-space: nowrap;
  }
  /* On a telephone everything may break: a table that is read in narrow columns is better than one that lies off the screen. */
  @media screen and (max-width: 640px) {
    td,
    th {
      padding-right: 1mm;
      overflow-wrap: anywhere;
    }
    td + td:not(.number) {
      min-width: 0;
    }
    .number {
      white-space: normal;
    }
  }
</style>
