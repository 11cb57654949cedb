<script lang="ts">
  import Input from 'flowbite-svelte/Input.svelte';
  import Modal from '$lib/ui/kit/Modal.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import Problem from '$lib/ui/kit/Problem.svelte';
  import { plural } from '../format';
  import DealingSelect from './DealingSelect.svelte';

  interface Props {
    open: boolean;
    classes: readonly { id: number; name: string; pupils: number }[];
    forms: readonly { kind: string; letter: string }[];
    /** What stands between the exam and its sitting, in sentences. */
    notReady: readonly string[];
    problem?: string | undefined;
  }

  let { open = $bindable(), classes, forms, notReady, problem }: Props = $props();

  const today = new Date().toISOString().slice(0, 10);
</script>

<Modal bind:open title="Classes sit this exam" size="sm">
  {#if classes.length === 0}
    <p>
      There is no class yet. <a class="quiet-link" href="/classes">Enter one</a> first; the exam waits
      here.
    </p>
  {:else}
    <form method="POST" action="?/sit">
      <fieldset>
        <legend>Classes</legend>
        {#each classes as { id, name, pupils } (id)}
          <label class="tick">
            <input type="checkbox" name="class" value={id} />
            {name} <span class="faint">{plural(pupils, 'pupil')}</span>
          </label>
        {/each}
      </fieldset>
      <label>
        Day
        <Input type="date" name="satOn" value={today} required />
      </label>
      <DealingSelect {forms} />
      {#if notReady.length > 0}
        <div class="unready">
          {#each notReady as reason (reason)}<p>{reason}</p>{/each}
          <label class="tick">
            <input type="checkbox" name="anyway" value="yes" required />
            It is sat all the same.
          </label>
        </div>
      {/if}
      {#if problem}<Problem isUrgent>{problem}</Problem>{/if}
      <p class="faint">
        The exam is kept as it is now, so that its key never changes under a marked script.
      </p>
      <Button type="submit" kind="main">Make the piles of scripts</Button>
    </form>
  {/if}
</Modal>

<style>
  form {
    display: grid;
    gap: var(--space-3);
    color: var(--ink);
  }
  .unready {
    display: grid;
    gap: var(--space-1);
    padding: var(--space-2) var(--space-3);
    background: var(--lamp-soft);
  }
  fieldset {
    display: grid;
    gap: var(--space-1);
  }
</style>
