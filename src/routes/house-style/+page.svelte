<script lang="ts">
  import Select from 'flowbite-svelte/Select.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import {
    houseStyleConflict,
    spoken,
    writeNumeral,
    type HouseStyle
  } from '@zealous-quill/core/house-style';
  import { enhance } from '$app/forms';
  import { styleChoices } from '$lib/ui/house-style/choices';
  import MathText from '$lib/ui/sheet/MathText.svelte';
  import Sheet from '$lib/ui/sheet/Sheet.svelte';
  import { untrack } from 'svelte';

  let { data, form } = $props();

  let style = $state<HouseStyle>(untrack(() => ({ ...data.style })));
  let isSaving = $state(false);
  let element: HTMLFormElement;

  const conflict = $derived(houseStyleConflict(style));
</script>

<svelte:head><title>House style · Zealous Quill</title></svelte:head>

<h1>House style</h1>
<p class="faint">
  How this department writes. Screens, papers, keys and solutions follow it from now on.
</p>

<div class="columns">
  <form
    method="POST"
    bind:this={element}
    use:enhance={() => {
      isSaving = true;
      return async ({ update }) => {
        await update({ reset: false });
        isSaving = false;
      };
    }}
    onchange={() => {
      if (!conflict) element.requestSubmit();
    }}
  >
    {#each styleChoices as { title, choices } (title)}
      <section>
        <h2>{title}</h2>
        {#each choices as { name, title: question, options } (name)}
          <fieldset>
            <legend>{question}</legend>
            <div>
              {#each options as { value, word } (value)}
                <label>
                  <input
                    type="radio"
                    {name}
                    value={String(value)}
                    checked={style[name] === value}
                    onchange={() => (style = { ...style, [name]: value })}
                  />
                  <span>{word}</span>
                </label>
              {/each}
            </div>
          </fieldset>
        {/each}
      </section>
    {/each}
    <section>
      <h2>Methods</h2>
      {#each data.methods as { name, title, options, chosen } (name)}
        <label class="method">
          {title}
          <Select placeholder="" {name} value={chosen}>
            {#each options as [school, word] (school)}
              <option value={school}>{word.toLowerCase()}</option>
            {/each}
          </Select>
        </label>
      {/each}
    </section>
    <p class="state" class:problem={conflict || form?.problem} role="status">
      {#if conflict}✗ Commas cannot group digits beside a decimal comma: choose another for one of
        them.
      {:else if form?.problem}✗ {form.problem}
      {:else}● {isSaving ? 'Saving' : 'Saved'}{/if}
    </p>
    <noscript><Button kind="main">Save</Button></noscript>
  </form>

  <div class="samples">
    {#each data.samples as sample (sample.id)}
      <section class="leaf" aria-label="Sample of {sample.title}">
        <h2>{sample.title}</h2>
        <p class="figures"><MathText text={sample.prompt} /></p>
        <!-- svelte-ignore a11y_no_noninteractive_tabindex -->
        <div class="sample" role="group" aria-label="{sample.title} on squares" tabindex="0">
          <Sheet
            layout={sample.layout}
            texts={Object.fromEntries(sample.steps.map(({ id, text }) => [id, text]))}
            square={1.4 + (style.squares - 5) * 0.18}
            label="{spoken(sample.prompt)} worked"
          />
          <ol>
            {#each sample.steps as { id, explanation } (id)}<li>
                <MathText text={explanation} />
              </li>{/each}
          </ol>
        </div>
      </section>
    {/each}
    <p class="faint numbers">
      Numbers: <span class="figures">{writeNumeral('1234567', style)}</span>,
      <span class="figures">{writeNumeral('9408', style)}</span>,
      <span class="figures">{writeNumeral('3.75', style)}</span>
    </p>
  </div>
</div>

<style>
  .columns {
    display: grid;
    grid-template-columns: minmax(0, 24rem) minmax(0, 1fr);
    gap: var(--space-6);
    margin-top: var(--space-4);
    align-items: start;
  }
  h2 {
    margin-bottom: var(--space-1);
  }
  section + section {
    margin-top: var(--space-4);
  }
  fieldset {
    padding: var(--space-1) 0;
  }
  legend {
    font-size: var(--text-sm);
    color: var(--faint);
  }
  fieldset div {
    display: flex;
    flex-wrap: wrap;
  }
  label span {
    display: block;
    padding: var(--space-half) var(--space-3);
    border: 1px solid color-mix(in srgb, var(--faint) 45%, var(--leaf));
    margin-left: -1px;
    background: var(--leaf);
    cursor: pointer;
  }
  label:hover span {
    background: var(--accent-soft);
  }
  input {
    position: absolute;
    opacity: 0;
  }
  input:checked + span {
    background: var(--accent);
    color: var(--on-accent);
    border-color: var(--accent);
  }
  input:focus-visible + span {
    outline: 2px solid var(--accent);
    outline-offset: 2px;
  }
  .method {
    display: grid;
    grid-template-columns: minmax(0, 1fr) minmax(0, 13rem);
    gap: var(--space-3);
    align-items: center;
    padding: var(--space-half) 0;
  }
  .state {
    margin-top: var(--space-3);
    color: var(--right);
  }
  .state.problem {
    color: var(--slip);
  }
  .samples .leaf {
    padding: var(--space-4) var(--space-4);
  }
  .samples {
    position: sticky;
    top: 1rem;
  }
  .sample {
    position: relative;
    overflow-x: auto;
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-4) var(--space-5);
    margin-top: var(--space-3);
    align-items: flex-start;
  }
  ol {
    list-style: decimal;
    padding-left: var(--space-5);
  }
  .numbers {
    margin-top: var(--space-2);
  }
  @media (max-width: 900px) {
    .columns {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
