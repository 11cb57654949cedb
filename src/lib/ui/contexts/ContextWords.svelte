<script lang="ts">
  import type { Context, ContextProblem } from '@zealous-quill/core/catalogue';
  import Button from '../kit/Button.svelte';
  import TextField from './TextField.svelte';
  import { freeName, namesFrom, withEntry } from './context-edits';

  interface Props {
    context: Context;
    problemsAt: (field: string) => readonly ContextProblem[];
    onchange: (change: Partial<Context>) => void;
  }

  let { context, problemsAt, onchange }: Props = $props();

  const isUsed = (id: string) =>
    Object.values(context.measures).some(({ unit }) => unit.split('/').includes(id));

  const setThing = (id: string, thing: [string, string] | null) =>
    onchange({ things: withEntry(context.things, id, thing) });
</script>

<section class="leaf" aria-label="People and things">
  <h2>People and things</h2>
  <TextField
    label="People"
    value={context.actors.join(', ')}
    most={250}
    problems={problemsAt('actors')}
    onchange={(typed) => onchange({ actors: namesFrom(typed).slice(0, 12) })}
  />
  {#each Object.entries(context.things) as [id, [one, many]] (id)}
    <div class="thing">
      <TextField
        label="One is called"
        value={one}
        most={30}
        placeholder="loaf"
        problems={problemsAt(`things/${id}`)}
        onchange={(typed) => setThing(id, [typed, many])}
      />
      <TextField
        label="Several are"
        value={many}
        most={30}
        placeholder="loaves"
        problems={[]}
        onchange={(typed) => setThing(id, [one, typed])}
      />
      {#if !isUsed(id)}
        <Button kind="quiet" onclick={() => setThing(id, null)}
          >remove<span class="visually-hidden"> {many}</span></Button
        >
      {/if}
    </div>
  {/each}
  <Button
    kind="quiet"
    disabled={Object.keys(context.things).length >= 30}
    onclick={() => setThing(freeName('thing', Object.keys(context.things)), ['', ''])}
    >something else that is counted</Button
  >
</section>

<style>
  section {
    padding: var(--space-3) var(--space-4);
  }
  .thing {
    display: grid;
    grid-template-columns: repeat(2, minmax(0, 1fr)) 4.5rem;
    gap: 0 var(--space-3);
    align-items: center;
  }
  @media (max-width: 600px) {
    .thing {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
