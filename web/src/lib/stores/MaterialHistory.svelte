<!-- Every version of a material of the house: when, by whom, what changed. -->
<script lang="ts">
  import { api, call, type MaterialVersion } from '../api/client';
  import { dayAndClock } from '../units';

  let { id, name, version }: { id: string; name: string; version: number } = $props();

  let versions = $state.raw<MaterialVersion[]>([]);
  let open = $state(false);

  $effect(() => {
    if (open && version) {
      void call(api.GET('/api/stores/materials/{id}/history', { params: { path: { id } } })).then(({ data }) => {
        versions = data ?? versions;
      });
    }
  });
</script>

<details bind:open>
  <summary>History<span class="sr-only"> of {name}</span></summary>
  <ol>
    {#each versions as past (past.version)}
      <li>
        <b>version {past.version}</b>, {dayAndClock(past.changedAt)}, {past.changedBy}: {past.changes.join('; ') ||
          'nothing that counts'}
      </li>
    {/each}
  </ol>
</details>
