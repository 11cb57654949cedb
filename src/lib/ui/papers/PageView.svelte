<script lang="ts">
  interface Props {
    paperId: number;
    /** The saved version that is shown. */
    version: number;
    title: string;
  }

  let { paperId, version, title }: Props = $props();

  const kinds = [
    { kind: 'paper', word: 'Paper' },
    { kind: 'key', word: 'Key' },
    { kind: 'solutions', word: 'Solutions' }
  ] as const;
  let kind = $state<(typeof kinds)[number]['kind']>('paper');
</script>

<div class="kinds">
  <div role="group" aria-label="What is shown">
    {#each kinds as one (one.kind)}
      <button type="button" aria-pressed={kind === one.kind} onclick={() => (kind = one.kind)}
        >{one.word}</button
      >
    {/each}
  </div>
  <a class="quiet-link" href="/papers/{paperId}/print?kind={kind}" target="_blank" rel="noopener">
    PDF of the {kind === 'solutions' ? 'worked solutions' : kind}
  </a>
</div>
<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
<div class="pages" tabindex="0" role="region" aria-label="Printed page">
  <img src="/papers/{paperId}/preview?kind={kind}&version={version}" alt="{title} as it prints" />
</div>

<style>
  .kinds {
    display: flex;
    justify-content: space-between;
    align-items: center;
    margin-bottom: var(--space-2);
  }
  .kinds button {
    padding: var(--space-half) var(--space-3);
    border: 1px solid var(--rule);
    margin-left: -1px;
    background: var(--leaf);
  }
  .kinds button[aria-pressed='true'] {
    background: var(--ink);
    color: var(--paper);
  }
  .pages {
    background: var(--raised);
    border: 1px solid var(--rule);
    padding: var(--space-2);
    overflow-y: auto;
    height: calc(100vh - 12.5rem);
    min-height: 20rem;
  }
  img {
    width: 100%;
    background: white;
    box-shadow: 0 1px 4px rgb(0 0 0 / 18%);
  }
</style>
