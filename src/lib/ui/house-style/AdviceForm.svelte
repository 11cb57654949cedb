<script lang="ts">
  import type { Advice } from '@zealous-quill/core/house-style';
  import NumberInput from '$lib/ui/kit/NumberInput.svelte';
  import { adviceChoices, adviceNumbers } from './advice-choices';

  interface Props {
    advice: Advice;
    onchange: (advice: Advice) => void;
  }

  let { advice, onchange }: Props = $props();
</script>

<section>
  <h2>Advice on ways of working</h2>
  <p class="faint small">
    What <a class="quiet-link" href="/workshop/ways">Ways of working</a> goes by. Items, their features
    and their marks stay as they are.
  </p>
  {#each adviceNumbers as { name, title, min, max } (name)}
    <label>
      <span>{title} <span class="faint">({min} to {max})</span></span>
      <NumberInput
        {min}
        {max}
        value={advice[name]}
        onchange={(value) => onchange({ ...advice, [name]: value })}
      />
    </label>
  {/each}
  {#each adviceChoices as { name, title, options } (name)}
    <label>
      <span>{title}</span>
      <select
        value={advice[name]}
        onchange={(event) => onchange({ ...advice, [name]: event.currentTarget.value })}
      >
        {#each options as [value, word] (value)}
          <option {value}>{word}</option>
        {/each}
      </select>
    </label>
  {/each}
</section>

<style>
  section {
    margin-top: var(--space-4);
  }
  label {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    gap: var(--space-3);
    align-items: center;
    padding: var(--space-half) 0;
  }
  select {
    width: 13rem;
    padding: var(--space-1) var(--space-2);
  }
</style>
