<script lang="ts">
  import Select from 'flowbite-svelte/Select.svelte';

  interface Props {
    label: string;
    value: string;
    options: readonly (readonly [value: string, word: string])[];
    onpick: (value: string) => void;
  }

  let { label, value, options, onpick }: Props = $props();
</script>

<Select
  placeholder=""
  aria-label={label}
  {value}
  onchange={(event) => onpick(event.currentTarget.value)}
>
  {#if !options.some(([one]) => one === value)}<option {value}>choose</option>{/if}
  {#each options as [one, word] (one)}
    <option value={one}>{word}</option>
  {/each}
</Select>
