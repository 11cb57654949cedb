<script lang="ts">
  import { Modal } from 'flowbite-svelte';
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
        <select name="class">
          {#each classes as { id, name, pupils } (id)}
            <option value={id}>{name} ({plural(pupils, 'pupil')})</option>
          {/each}
        </select>
      </label>
      <label>
        Day
        <input type="date" name="satOn" value={today} required />
      </label>
      {#if problem}<p class="problem" role="alert">{problem}</p>{/if}
      <p class="faint">
        The paper is kept as it is now, so that its key never changes under a marked script.
      </p>
      <button type="submit" class="main-button">Make the pile of scripts</button>
    </form>
  {/if}
</Modal>

<style>
  form {
    display: grid;
    gap: 0.7rem;
    color: var(--ink);
  }
  select,
  input {
    display: block;
    width: 100%;
    padding: 0.3rem 0.5rem;
  }
  .problem {
    color: var(--slip);
  }
</style>
