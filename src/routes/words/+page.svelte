<script lang="ts">
  import { glossary } from '$lib/ui/shell/glossary';
</script>

<svelte:head><title>Words · Zealous Quill</title></svelte:head>

<h1>Words</h1>
<p class="faint">
  What the words of these screens mean: one word for each thing, the same everywhere.
</p>
<div class="groups">
  {#each glossary as { title, words } (title)}
    <section>
      <h2>{title}</h2>
      <dl>
        {#each words as [word, meaning] (word)}
          <dt id={word.toLowerCase().replaceAll(' ', '-')}>{word}</dt>
          <dd>{meaning}</dd>
        {/each}
      </dl>
    </section>
  {/each}
</div>

<style>
  .groups {
    columns: 2 24rem;
    column-gap: var(--space-6);
    margin-top: var(--space-3);
  }
  h2 {
    margin-bottom: var(--space-1);
  }
  section {
    margin-bottom: var(--space-5);
  }
  dt {
    font-weight: 700;
    break-after: avoid;
  }
  dd {
    margin-bottom: var(--space-2);
    break-inside: avoid;
  }
  dt:target {
    background: var(--lamp-soft);
  }
</style>
