<script lang="ts">
  import { familyWords } from '@zealous-quill/core/skill';
  import { findByWords, type ListedSkill } from '@zealous-quill/core/catalogue';

  interface Props {
    skills: readonly ListedSkill[];
    value: string;
    label: string;
    /** Name of the form field, where the picker stands in a form. */
    name?: string;
    onpick: (id: string) => void;
  }

  let { skills, value, label, name, onpick }: Props = $props();

  const id = $props.id();
  let typed = $state<string | null>(null);
  let at = $state(0);
  let input: HTMLInputElement;

  const isOpen = $derived(typed !== null);
  const families = $derived(findByWords(skills, typed ?? ''));
  const found = $derived(families.flatMap((one) => one.skills));
  const here = $derived(found[at]);

  function open() {
    if (isOpen) return;
    typed = '';
    at = Math.max(
      0,
      found.findIndex((skill) => skill.id === value)
    );
  }

  function pick(skill: string | undefined) {
    typed = null;
    if (skill !== undefined && skill !== value) onpick(skill);
  }

  function keys(event: KeyboardEvent) {
    if (event.altKey || event.ctrlKey || event.metaKey) return;
    const by = { ArrowDown: 1, ArrowUp: -1 }[event.key];
    if (by !== undefined) {
      if (isOpen) at = (at + by + found.length) % Math.max(1, found.length);
      else open();
    } else if (event.key === 'Enter' && isOpen) pick(here?.id);
    else if (event.key === 'Escape' && isOpen) typed = null;
    else return;
    event.preventDefault();
    event.stopPropagation();
  }
</script>

<div class="picker">
  <label for={id} class="faint small">{label}</label>
  {#if name}<input type="hidden" {name} {value} />{/if}
  <input
    bind:this={input}
    {id}
    type="text"
    role="combobox"
    autocomplete="off"
    aria-expanded={isOpen}
    aria-controls="{id}-list"
    aria-activedescendant={isOpen && here ? `${id}-${here.id}` : undefined}
    value={typed ?? skills.find((skill) => skill.id === value)?.title ?? ''}
    placeholder="Type to find a skill"
    onfocus={(event) => event.currentTarget.select()}
    onclick={open}
    oninput={(event) => {
      typed = event.currentTarget.value;
      at = 0;
    }}
    onkeydown={keys}
    onblur={() => (typed = null)}
  />
  {#if isOpen}
    <div class="list" id="{id}-list" role="listbox" aria-label={label}>
      {#each families as { family, skills: members } (family)}
        <div role="group" aria-labelledby="{id}-{family}">
          <p id="{id}-{family}" class="family">{familyWords[family]}</p>
          {#each members as skill (skill.id)}
            {@const place = found.indexOf(skill)}
            <!-- Chosen before the input loses the focus, or the list would close first. -->
            <!-- svelte-ignore a11y_click_events_have_key_events, a11y_interactive_supports_focus -->
            <div
              role="option"
              id="{id}-{skill.id}"
              class:here={place === at}
              aria-selected={skill.id === value}
              onpointerdown={(event) => event.preventDefault()}
              onclick={() => {
                pick(skill.id);
                input.blur();
              }}
            >
              {skill.title}
              <span class="figures">{skill.example}</span>
            </div>
          {/each}
        </div>
      {:else}
        <p class="none">No skill has these words.</p>
      {/each}
    </div>
  {/if}
</div>

<style>
  .picker {
    position: relative;
  }
  input[type='text'] {
    width: 100%;
    padding: var(--space-1) var(--space-2);
    font-weight: 700;
  }
  .list {
    position: absolute;
    z-index: 20;
    top: 100%;
    left: 0;
    min-width: 100%;
    width: max-content;
    max-width: min(30rem, 90vw);
    max-height: 26rem;
    overflow-y: auto;
    background: var(--leaf);
    border: 1px solid var(--ink);
    border-top: 3px solid var(--accent);
    padding: var(--space-1) 0 var(--space-2);
  }
  .family {
    padding: var(--space-2) var(--space-3) var(--space-half);
    font-family: var(--font-serif);
    font-size: var(--text-sm);
    color: var(--faint);
  }
  [role='option'] {
    display: flex;
    justify-content: space-between;
    gap: var(--space-4);
    align-items: baseline;
    padding: var(--space-1) var(--space-3) var(--space-1) var(--space-4);
    cursor: pointer;
  }
  [role='option'] span {
    font-size: var(--text-xs);
    color: var(--faint);
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
    max-width: 12rem;
  }
  [role='option']:hover,
  .here {
    background: var(--accent-soft);
  }
  [aria-selected='true'] {
    font-weight: 700;
  }
  [aria-selected='true'] span {
    font-weight: 400;
  }
  .none {
    padding: var(--space-2) var(--space-3);
    color: var(--slip);
  }
</style>
