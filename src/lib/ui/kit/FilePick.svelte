<script lang="ts">
  interface Props {
    label: string;
    /** Kinds of files, as of an `accept` of HTML. */
    accept: string;
    /** Name of the form field, where the files are sent with a form. */
    name?: string;
    isSeveral?: boolean;
    disabled?: boolean;
    /** The text that says what is wrong with the file. */
    describedBy?: string;
    /** Takes the files at once; otherwise they stay chosen until the form is sent. */
    onfiles?: (files: readonly File[]) => void;
    files?: FileList | undefined;
  }

  let {
    label,
    accept,
    name,
    isSeveral = false,
    disabled = false,
    describedBy,
    onfiles,
    files = $bindable()
  }: Props = $props();

  let input: HTMLInputElement;
  let isOver = $state(false);
  const chosen = $derived([...(files ?? [])].map((file) => file.name).join(', '));

  function take(event: Event) {
    event.stopPropagation();
    if (!onfiles) return;
    onfiles([...(input.files ?? [])]);
    // The same file can be chosen again.
    input.value = '';
    files = undefined;
  }

  function drop(event: DragEvent) {
    event.preventDefault();
    isOver = false;
    const dropped = event.dataTransfer?.files;
    if (disabled || !dropped || dropped.length === 0) return;
    const some = new DataTransfer();
    for (const file of isSeveral ? dropped : [...dropped].slice(0, 1)) some.items.add(file);
    input.files = some.files;
    input.dispatchEvent(new Event('change', { bubbles: true }));
  }
</script>

<label
  class:isOver
  class:disabled
  ondragover={(event) => {
    event.preventDefault();
    isOver = true;
  }}
  ondragleave={() => (isOver = false)}
  ondrop={drop}
>
  <span class="label">{label}</span>
  <span class="how">
    {#if chosen}
      <strong>{chosen}</strong> · <u>choose another</u>
    {:else}
      Drop {isSeveral ? 'files' : 'a file'} here, or <u>choose {isSeveral ? 'them' : 'one'}</u>
    {/if}
  </span>
  <input
    bind:this={input}
    bind:files
    type="file"
    class="visually-hidden"
    aria-label={label}
    aria-describedby={describedBy}
    {accept}
    {name}
    {disabled}
    multiple={isSeveral}
    onchange={take}
  />
</label>

<style>
  label {
    position: relative;
    display: flex;
    flex-direction: column;
    padding: var(--space-2) var(--space-4);
    border: 1px dashed var(--faint);
    background: var(--leaf);
    cursor: pointer;
  }
  label:hover,
  .isOver {
    border-color: var(--accent);
    background: var(--accent-soft);
  }
  label:focus-within {
    outline: 3px solid var(--accent);
    outline-offset: 1px;
  }
  .disabled {
    opacity: 0.5;
    cursor: default;
  }
  .label {
    font-size: var(--text-sm);
    color: var(--faint);
  }
  u {
    color: var(--accent);
  }
</style>
