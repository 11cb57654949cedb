<script lang="ts">
  import { fileName, listAsCsv, listAsText, type ListedItem } from '@zealous-quill/core/exchange';
  import type { HouseStyle } from '@zealous-quill/core/house-style';
  import Checkbox from 'flowbite-svelte/Checkbox.svelte';
  import Modal from '$lib/ui/kit/Modal.svelte';
  import Textarea from 'flowbite-svelte/Textarea.svelte';
  import type { Snippet } from 'svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import Choice from '$lib/ui/kit/Choice.svelte';
  import { plural } from '../format';
  import { copyText, download } from './give';

  interface Props {
    open: boolean;
    /** What the list is of, in parts of a file's name. */
    name: readonly string[];
    items: readonly ListedItem[];
    style: HouseStyle;
    /** What chooses the items, if there is anything to choose. */
    children?: Snippet;
  }

  let { open = $bindable(), name, items, style, children }: Props = $props();

  let format = $state<'text' | 'csv'>('text');
  let hasAnswers = $state(true);
  let isCopied = $state(false);

  const written = $derived(
    (format === 'csv' ? listAsCsv : listAsText)(items, { hasAnswers, style })
  );

  $effect(() => {
    void written;
    isCopied = false;
  });

  async function copy() {
    isCopied = await copyText(written.replace(/^\ufeff/, ''));
  }

  function save() {
    const ending = format === 'csv' ? 'csv' : 'txt';
    const type = format === 'csv' ? 'text/csv' : 'text/plain';
    download(`${fileName(name)}.${ending}`, new Blob([written], { type: `${type};charset=utf-8` }));
  }
</script>

<Modal bind:open title="Take items out">
  <div class="choices">
    {@render children?.()}
    <Choice
      label="Form"
      options={[
        ['text', 'text'],
        ['csv', 'CSV table']
      ]}
      value={format}
      onpick={(next) => (format = next)}
    />
    <Checkbox bind:checked={hasAnswers}>with answers</Checkbox>
  </div>
  <Textarea
    readonly
    rows={11}
    class="w-full font-figures"
    value={written.replace(/^\ufeff/, '')}
    aria-label="{plural(items.length, 'item')}, as they are taken out"
  />
  {#snippet footer()}
    <Button kind="main" disabled={items.length === 0} onclick={copy}>
      Copy {plural(items.length, 'item')}
    </Button>
    <Button disabled={items.length === 0} onclick={save}>Download</Button>
    <span class="faint" role="status">{isCopied ? '● Copied' : ''}</span>
  {/snippet}
</Modal>

<style>
  .choices {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: var(--space-2) var(--space-4);
  }
</style>
