<script lang="ts">
  import { askServer } from '../ask-server';
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
    const query = new URLSearchParams({ kind, id: `${id}` });
    const answer = await askServer('takenAlong', `/records/bin/along?${query}`);
    return answer.ok ? heldWords(answer.reply, except) : 'all that belongs to it';
  }
</script>

{#await held() then words}
  {#if words}with <strong>{words}</strong>{/if}
{/await}
