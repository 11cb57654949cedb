<script lang="ts">
  import Button from '$lib/ui/kit/Button.svelte';
  import PupilRecord from '$lib/ui/records/PupilRecord.svelte';

  let { data } = $props();

  let isAsked = $state(false);
  const own = $derived(`/classes/${data.classId}/pupils/${data.pupilId}`);
</script>

<svelte:head><title>Record of a pupil · Classes · Zealous Quill</title></svelte:head>

<div class="acts">
  <a class="quiet-link back" href="/classes/{data.classId}">{data.record.className}</a>
  <Button href="{own}/record?as=html" download>Save as a page</Button>
  <Button href="{own}/record?as=json" download>Save as JSON</Button>
  <Button kind="quiet" onclick={() => (isAsked = true)}>erase this pupil …</Button>
</div>
{#if isAsked}
  <div class="ask" role="alertdialog" aria-label="Erase this pupil">
    <p>
      The name, the pages of scripts, comments and reasons go for good, from the bin and from
      backups made afterwards. Marks stay with a script without a name, so that the statistics of
      the class stay what they are. <strong>This cannot be undone.</strong>
    </p>
    <form method="POST" action="?/erase">
      <Button type="submit">Erase {data.record.name}</Button>
      <Button kind="quiet" onclick={() => (isAsked = false)}>keep the record</Button>
    </form>
  </div>
{/if}
<PupilRecord record={data.record} />

<style>
  .acts {
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-3);
    align-items: center;
    justify-content: flex-end;
  }
  .back {
    margin-right: auto;
  }
  .ask {
    background: var(--lamp-soft);
    border-left: 4px solid var(--lamp);
    padding: var(--space-2) var(--space-4);
    margin: var(--space-2) 0;
    max-width: 44rem;
    margin-left: auto;
  }
  .ask form {
    display: flex;
    gap: var(--space-4);
    margin-top: var(--space-2);
  }
</style>
