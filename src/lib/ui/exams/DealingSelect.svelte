<script lang="ts">
  import Select from 'flowbite-svelte/Select.svelte';

  interface Props {
    forms: readonly { kind: string; letter: string }[];
    value?: string;
  }

  let { forms, value }: Props = $props();

  const letters = $derived(forms.filter(({ kind }) => kind === 'letter'));
  const hasOwn = $derived(forms.some(({ kind }) => kind === 'pupil'));
</script>

{#if letters.length > 1 || hasOwn}
  <label>
    Forms
    <Select placeholder="" name="forms" {value}>
      {#if hasOwn}<option value="own">each pupil’s own, form A where there is none</option>{/if}
      {#if letters.length > 1}
        <option value="turns"
          >{letters.map(({ letter }) => letter).join(', ')} in turns through the list</option
        >
        <option value="classes">a form for each class, in turns</option>
      {/if}
      <option value="first">form A for everyone</option>
    </Select>
  </label>
{/if}
