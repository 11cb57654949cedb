<script lang="ts" generics="Value extends string">
  import ButtonGroup from 'flowbite-svelte/ButtonGroup.svelte';
  import Button from './Button.svelte';

  interface Props {
    label: string;
    options: readonly (readonly [Value, string])[];
    value: Value;
    onpick: (value: Value) => void;
  }

  let { label, options, value, onpick }: Props = $props();
</script>

<ButtonGroup aria-label={label}>
  {#each options as [id, title] (id)}
    <Button
      kind="square"
      class="not-first:-ms-px"
      aria-pressed={id === value}
      onclick={() => onpick(id)}>{title}</Button
    >
  {/each}
</ButtonGroup>
