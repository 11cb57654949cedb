<script lang="ts">
  import type { Context, ContextProblem } from '@zealous-quill/core/catalogue';
  import Button from '../kit/Button.svelte';
  import PickField from './PickField.svelte';
  import TextField from './TextField.svelte';
  import { freeName, withEntry } from './context-edits';

  interface Props {
    context: Context;
    problemsAt: (field: string) => readonly ContextProblem[];
    onchange: (change: Partial<Context>) => void;
  }

  let { context, problemsAt, onchange }: Props = $props();

  const measures = $derived(Object.keys(context.measures));
  const set = (id: string, entry: [string, string] | null) =>
    onchange({ beside: withEntry(context.beside, id, entry) });
</script>

<section class="leaf" aria-label="Numbers that are not needed">
  <h2>Numbers that are not needed</h2>
  <p class="faint small">A problem can tell one or two of them beside its story.</p>
  {#each Object.entries(context.beside) as [id, [measure, text]], at (id)}
    <div class="beside">
      <TextField
        label="Told"
        value={text}
        most={200}
        placeholder={'The shop has {}.'}
        problems={problemsAt(`beside/${id}`)}
        onchange={(typed) => set(id, [measure, typed])}
      />
      <span class="pick">
        <PickField
          label="Measure of number {at + 1} that is not needed"
          value={measure}
          options={measures.map((one) => [one, one])}
          onpick={(picked) => set(id, [picked, text])}
        />
      </span>
      <Button kind="quiet" onclick={() => set(id, null)}
        >remove<span class="visually-hidden"> number {at + 1}</span></Button
      >
    </div>
  {/each}
  <Button
    kind="quiet"
    disabled={Object.keys(context.beside).length >= 10}
    onclick={() => set(freeName('beside', Object.keys(context.beside)), [measures[0] ?? '', ''])}
    >another number that is not needed</Button
  >
</section>

<style>
  section {
    padding: var(--space-3) var(--space-4);
  }
  .beside {
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-1) var(--space-2);
    align-items: center;
  }
  .beside > :global(.field) {
    flex: 1 1 20rem;
  }
  .pick {
    width: 9.5rem;
  }
</style>
