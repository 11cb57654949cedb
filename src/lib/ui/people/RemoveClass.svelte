<script lang="ts">
  import Button from '../kit/Button.svelte';
  import Along from '../records/Along.svelte';

  interface Props {
    group: { readonly id: number; readonly name: string; readonly sittings: number };
    onkeep: () => void;
  }

  /** Asks once more before a class goes into the bin with all that belongs to it. */
  let { group, onkeep }: Props = $props();
</script>

<div class="ask" role="alertdialog" aria-label="Remove the class">
  <p>
    Remove {group.name}
    <Along kind="class" id={group.id} except="class" />? It stays in the bin for 30 days.
  </p>
  <form method="POST" action="?/removeClass">
    <input type="hidden" name="marks" value={group.sittings > 0 ? 'go' : ''} />
    <Button type="submit" kind="side">Remove the class</Button>
    <Button kind="quiet" onclick={onkeep}>keep it</Button>
  </form>
</div>

<style>
  .ask {
    background: var(--lamp-soft);
    border-left: 4px solid var(--lamp);
    padding: var(--space-2) var(--space-3);
    margin: var(--space-2) 0;
  }
</style>
