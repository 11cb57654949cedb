<script lang="ts">
  import Input from 'flowbite-svelte/Input.svelte';
  import Select from 'flowbite-svelte/Select.svelte';
  import Problem from '$lib/ui/kit/Problem.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import Modal from '$lib/ui/kit/Modal.svelte';
  import { plural } from '../format';

  interface Props {
    open: boolean;
    classes: readonly { id: number; name: string; pupils: number }[];
    problem?: string | undefined;
  }

  let { open = $bindable(), classes, problem }: Props = $props();

  const today = new Date().toISOString().slice(0, 10);
</script>

<Modal bind:open title="A class sits this paper" size="sm">
  {#if classes.length === 0}
    <p>
      There is no class yet. <a class="quiet-link" href="/classes">Enter one</a> first; the paper waits
      here.
    </p>
  {:else}
    <form method="POST" action="?/sit">
      <label>
        Class
        <Select placeholder="" name="class">
          {#each classes as { id, name, pupils } (id)}
            <option value={id}>{name} ({plural(pupils, 'pupil')})</option>
          {/each}
        </Select>
      </label>
      <label>
        Day
        <Input type="date" name="satOn" value={today} required />
      </label>
      {#if problem}<Problem isUrgent>{problem}</Problem>{/if}
      <p class="faint">
        The paper is kept as it is now, so that its key never changes under a marked script.
      </p>
      <Button type="submit" kind="main">Make the pile of scripts</Button>
    </form>
  {/if}
</Modal>

<style>
  form {
    display: grid;
    gap: var(--space-3);
    color: var(--ink);
  }
</style>
