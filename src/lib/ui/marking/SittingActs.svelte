<script lang="ts">
  import { enhance } from '$app/forms';
  import Button from '$lib/ui/kit/Button.svelte';
  import { day, plural } from '../format';

  interface Props {
    sitting: { id: number; className: string; title: string; satOn: string; marked: number };
  }

  let { sitting }: Props = $props();

  let isAsked = $state(false);
  const { id, className, title, satOn, marked } = $derived(sitting);
</script>

<div class="acts">
  {#if isAsked}
    <form method="POST" action="?/remove" class="ask" use:enhance>
      <input type="hidden" name="sitting" value={id} />
      <input type="hidden" name="marks" value="go" />
      <span>
        Remove this sitting with <strong>{plural(marked, 'marked item')}</strong>? It stays in the
        bin for 30 days.
      </span>
      <Button type="submit" kind="quiet">remove it</Button>
      <Button kind="quiet" onclick={() => (isAsked = false)}>keep it</Button>
    </form>
  {:else}
    <a class="quiet-link" href="/records?sitting={id}">log</a>
    {#if marked > 0}
      <Button kind="quiet" onclick={() => (isAsked = true)}
        >remove<span class="visually-hidden"> {className}, {title}, {day(satOn)}</span></Button
      >
    {:else}
      <form method="POST" action="?/remove" use:enhance>
        <input type="hidden" name="sitting" value={id} />
        <Button type="submit" kind="quiet"
          >remove<span class="visually-hidden"> {className}, {title}, {day(satOn)}</span></Button
        >
      </form>
    {/if}
  {/if}
</div>

<style>
  .acts,
  .acts form {
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-1) var(--space-4);
  }
  .acts {
    justify-content: flex-end;
    padding: 0 var(--space-4) var(--space-1);
  }
  .ask {
    background: var(--lamp-soft);
    padding: var(--space-1) var(--space-2);
  }
</style>
