<!-- One of a few words, inside a sentence. -->
<script lang="ts" generics="T extends string">
  let {
    value,
    options,
    label,
    disabled = false,
    onset
  }: {
    value: T;
    options: { value: T; text: string }[];
    label: string;
    disabled?: boolean;
    onset: (value: T) => void;
  } = $props();
</script>

<select
  class="in-sentence"
  aria-label={label}
  {value}
  {disabled}
  onchange={(event) => onset(event.currentTarget.value as T)}
>
  {#each options as option (option.value)}
    <option value={option.value}>{option.text}</option>
  {/each}
</select>

<style>
  select {
    max-width: 100%;
  }
  select:disabled {
    opacity: 1;
    appearance: none;
  }
  option {
    background: var(--color-base-100);
    color: var(--color-base-content);
    font-weight: 400;
  }
</style>
