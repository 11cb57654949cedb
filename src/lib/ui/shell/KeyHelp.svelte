<script lang="ts">
  import Modal from '$lib/ui/kit/Modal.svelte';

  let { open = $bindable(false) }: { open: boolean } = $props();

  const groups = [
    {
      title: 'Everywhere',
      keys: [
        ['?', 'this list'],
        ['Tab', 'to the next part'],
        ['Esc', 'close what is open']
      ]
    },
    {
      title: 'Workshop',
      keys: [
        ['← →', 'step through the working'],
        ['Home End', 'empty sheet, whole working'],
        ['N', 'draw other items']
      ]
    },
    {
      title: 'Papers',
      keys: [
        ['Ctrl Z', 'undo'],
        ['Ctrl Y', 'do again'],
        ['Alt ↑ ↓', 'move the rung or item that has the focus']
      ]
    },
    {
      title: 'Marking desk',
      keys: [
        ['=', 'as the key, and on to the next'],
        ['#', 'not attempted, and on to the next'],
        ['digits Enter', 'type the answer; a wrong one opens the squares'],
        ['Shift Enter', 'the answer alone: no squares, on to the next'],
        ['← →', 'from square to square'],
        ['↑ ↓', 'to the carry and back'],
        ['Enter', 'done, on to the next'],
        ['Page Down, Page Up', 'next and previous without deciding'],
        ['Alt M', 'change a mark'],
        ['Alt C', 'comment to the pupil'],
        ['Alt X, Alt O', 'crossed out, another method'],
        ['Ctrl Z', 'undo the last entry']
      ]
    }
  ];
</script>

<Modal bind:open title="Keys">
  <div class="groups">
    {#each groups as { title, keys } (title)}
      <section>
        <h3>{title}</h3>
        <dl>
          {#each keys as [key, meaning] (key)}
            <dt>{key}</dt>
            <dd>{meaning}</dd>
          {/each}
        </dl>
      </section>
    {/each}
  </div>
</Modal>

<style>
  .groups {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(15rem, 1fr));
    gap: var(--space-4) var(--space-5);
    color: var(--ink);
  }
  dl {
    display: grid;
    grid-template-columns: max-content 1fr;
    gap: var(--space-1) var(--space-3);
    margin-top: var(--space-2);
    font-size: var(--text-base);
  }
  dt {
    font-weight: 700;
  }
</style>
