<script lang="ts">
  import { page as here } from '$app/state';
  import Input from 'flowbite-svelte/Input.svelte';
  import Select from 'flowbite-svelte/Select.svelte';
  import Button from './Button.svelte';

  interface Filter {
    readonly name: string;
    /** What it is called, and what stands for all. */
    readonly label: string;
    readonly all: string;
    readonly options: readonly (readonly [value: string, word: string])[];
  }

  let { label, filters }: { label: string; filters: readonly Filter[] } = $props();

  const asked = $derived(here.url.searchParams);
  const isAsked = $derived(
    ['q', ...filters.map(({ name }) => name)].some((name) => asked.get(name))
  );
  let form: HTMLFormElement;
</script>

<form method="GET" role="search" bind:this={form}>
  <label>
    <span class="visually-hidden">{label}</span>
    <Input type="search" name="q" placeholder={label} value={asked.get('q') ?? ''} />
  </label>
  {#each filters as { name, label, all, options } (name)}
    {#if options.length > 0}
      <label>
        <span class="visually-hidden">{label}</span>
        <Select
          {name}
          placeholder=""
          value={asked.get(name) ?? ''}
          onchange={() => form.requestSubmit()}
        >
          <option value="">{all}</option>
          {#each options as [value, word] (value)}<option {value}>{word}</option>{/each}
        </Select>
      </label>
    {/if}
  {/each}
  <Button type="submit">Search</Button>
  {#if isAsked}<a class="quiet-link" href={here.url.pathname}>show all</a>{/if}
</form>

<style>
  form {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: var(--space-2);
    margin: var(--space-3) 0;
  }
</style>
