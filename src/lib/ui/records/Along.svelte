<script lang="ts">
  import { heldWords } from './held-words';

  interface Props {
    kind: 'class' | 'paper';
    id: number;
    /** Kind of which nothing is said, as it is what is removed. */
    except: string;
  }

  /** What goes along with a record that is about to be removed; it is counted when that is asked. */
  let { kind, id, except }: Props = $props();

  async function held(): Promise<string> {
    const answer = await fetch(`/records/bin/along?${new URLSearchParams({ kind, id: `${id}` })}`);
    if (!answer.ok) return '';
    return heldWords((await answer.json()) as Record<string, number>, except);
  }
</script>

{#await held() then words}
  {#if words}with <strong>{words}</strong>{/if}
{:catch}
  with all that belongs to it
{/await}
