<!-- A pack of which nothing can be said: what is wrong with it, each value to be mended on the spot. -->
<script lang="ts">
  import type { Bench } from './bench.svelte';
  import { valueAt } from './edit';

  let { bench }: { bench: Bench } = $props();

  interface Row {
    path: string;
    message: string;
  }

  /** Where the server names no field, every number of the pack may be the one. */
  let rows = $derived<Row[]>(
    bench.problems.some((p) => p.path !== '')
      ? bench.problems.filter((p) => p.path !== '')
      : numbers(bench.pack, '').map((path) => ({ path, message: '' }))
  );

  function numbers(value: unknown, path: string): string[] {
    if (typeof value === 'number') {
      return [path];
    }
    return value !== null && typeof value === 'object'
      ? Object.entries(value).flatMap(([key, inner]) => numbers(inner, `${path}/${key}`))
      : [];
  }

  function shown(path: string): string {
    const value = valueAt(bench.pack, path);
    return value === undefined ? '' : typeof value === 'string' ? value : JSON.stringify(value);
  }

  /** What is typed is JSON where it can be read so, else a text; nothing takes the field away. */
  function put(path: string, text: string) {
    if (text === shown(path)) {
      return;
    }
    let value: unknown = text;
    try {
      value = text.trim() === '' ? undefined : JSON.parse(text);
    } catch {
      // A text then.
    }
    bench.put(path, value);
  }
</script>

<main id="main" class="broken">
  <h2 class="text-lg font-semibold">Nothing can be said of this pack as it is</h2>
  <p>
    {bench.problems.find((p) => p.path === '')?.message ?? 'Some of its fields are not as they must be.'}
    {bench.readOnly ? 'A designer can mend it.' : 'Mend it here: it is saved as soon as it can be reckoned with.'}
    <a class="underline" href="/api/packs/{bench.id}/file" download>Export the file as it is</a>
  </p>
  <table class="figures-table">
    <thead><tr><th scope="col">Field</th><th scope="col">Value</th><th scope="col">What is wrong</th></tr></thead>
    <tbody>
      {#each rows as row (row.path)}
        <tr>
          <th scope="row"><code>{row.path}</code></th>
          <td>
            <input
              class="text"
              aria-label="Value of {row.path}"
              value={shown(row.path)}
              disabled={bench.readOnly}
              onchange={(e) => put(row.path, e.currentTarget.value)}
            />
          </td>
          <td>{row.message}</td>
        </tr>
      {/each}
    </tbody>
  </table>
</main>

<style>
  .broken {
    display: grid;
    align-content: start;
    gap: 0.75rem;
    max-width: 70rem;
    padding: 1rem 1.125rem 3rem;
    overflow-wrap: anywhere;
  }
</style>
