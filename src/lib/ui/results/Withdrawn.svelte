<script lang="ts">
  import { enhance } from '$app/forms';
  import { invalidateAll } from '$app/navigation';
  import { spoken } from '@zealous-quill/core/house-style';
  import Button from '$lib/ui/kit/Button.svelte';
  import Problem from '$lib/ui/kit/Problem.svelte';
  import { untrack } from 'svelte';
  import { day } from '../format';
  import type { Item } from './table';

  interface Props {
    items: readonly Item[];
    withdrawn: readonly {
      readonly partId: number;
      readonly withdrawn: string;
      readonly reason: string;
      readonly by: string;
      readonly at: string;
    }[];
    /** What the schemes of the paper were read from. */
    were: string;
    problem?: string | undefined;
  }

  let { items, withdrawn, were, problem }: Props = $props();

  let isOpen = $state(untrack(() => problem !== undefined));
  const labelOf = (id: number) => items.find((item) => item.id === id)?.label ?? '';
</script>

<section>
  {#each withdrawn as one (one.partId)}
    <form method="POST" action="?/withdraw" use:enhance>
      <input type="hidden" name="part" value={one.partId} />
      <input type="hidden" name="how" value="no" />
      <input type="hidden" name="was" value={were} />
      <input type="hidden" name="reason" value="taken back" />
      <p>
        <strong>{labelOf(one.partId)}</strong> is withdrawn: {one.withdrawn === 'left-out'
          ? 'it is left out of all totals'
          : 'everyone has full marks'}.
        <span class="faint">{one.reason} ({one.by}, {day(one.at)})</span>
        <Button type="submit" kind="quiet">take that back</Button>
      </p>
    </form>
  {/each}
  {#if isOpen}
    <form
      method="POST"
      action="?/withdraw"
      use:enhance={() =>
        async ({ result, update }) => {
          await update({ reset: false });
          if (result.type === 'success') isOpen = false;
          if (result.type === 'failure' && result.status === 409) await invalidateAll();
        }}
    >
      <input type="hidden" name="was" value={were} />
      <label>
        Part
        <select name="part">
          {#each items as { id, label, prompt } (id)}
            <option value={id}>{label} {spoken(prompt)}</option>
          {/each}
        </select>
      </label>
      <label class="tick">
        <input type="radio" name="how" value="full-marks" checked /> full marks for all who were there
      </label>
      <label class="tick"><input type="radio" name="how" value="left-out" /> left out</label>
      <label>Why <input name="reason" maxlength="200" /></label>
      {#if problem}<Problem isUrgent>{problem}</Problem>{/if}
      <p>
        <Button type="submit">Withdraw it</Button>
        <Button kind="quiet" onclick={() => (isOpen = false)}>leave it</Button>
      </p>
    </form>
  {:else}
    <p><Button kind="quiet" onclick={() => (isOpen = true)}>withdraw a part</Button></p>
  {/if}
</section>

<style>
  section {
    margin-bottom: var(--space-4);
  }

  form {
    display: grid;
    gap: var(--space-1);
  }
  select {
    max-width: 100%;
    padding: 0 1.6rem 0 var(--space-2);
  }
  input[name='reason'] {
    padding: 0 var(--space-2);
    width: 16rem;
    max-width: 100%;
  }
</style>
