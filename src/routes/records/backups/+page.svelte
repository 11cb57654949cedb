<script lang="ts">
  import { enhance } from '$app/forms';
  import FilePick from '$lib/ui/kit/FilePick.svelte';
  import Input from 'flowbite-svelte/Input.svelte';
  import Select from 'flowbite-svelte/Select.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import DataTable from '$lib/ui/kit/DataTable.svelte';
  import Problem from '$lib/ui/kit/Problem.svelte';
  import { fileSize, moment } from '$lib/ui/format';
  import { FileSender } from '$lib/ui/records/send-file.svelte';
  import { tick } from 'svelte';

  let { data, form } = $props();

  /** What is under way, in words. */
  let doing = $state('');
  /** The backup that is about to be put in place. */
  let asked = $state<string | null>(null);

  const columns = [
    { title: 'Made' },
    { title: 'Why' },
    { title: 'Size', isNumber: true },
    { title: 'Actions', isHidden: true }
  ];
  const reasons = {
    'by-hand': 'by hand',
    'by-schedule': 'by the schedule',
    'before-update': 'before an update',
    'before-restore': 'before a restore'
  };
  const rhythms = [
    [0, 'never'],
    [1, 'every hour'],
    [6, 'every 6 hours'],
    [24, 'every day'],
    [168, 'every week']
  ] as const;

  let files = $state<FileList>();
  let restoring = $state<HTMLFormElement>();
  /** The word by which the server knows the file that was sent. */
  let received = $state('');
  const sender = new FileSender();

  /** Sends the chosen file, and restores it when all of it is there. */
  async function sendFile() {
    const file = files?.[0];
    sender.problem = file ? '' : 'Choose the file of a backup.';
    if (!file) return;
    received = (await sender.deliver(file, '/records/backups/sent')) ?? '';
    if (received === '') return;
    await tick();
    restoring?.requestSubmit();
    received = '';
  }

  const during = (words: string) => () => {
    doing = words;
    return async ({ update }: { update: () => Promise<void> }) => {
      await update();
      doing = '';
      asked = null;
    };
  };
</script>

<svelte:head><title>Backups · Records · Zealous Quill</title></svelte:head>

<div class="acts">
  <form method="POST" action="?/make" use:enhance={during('Making a backup …')}>
    <Button type="submit" kind="main" disabled={doing !== ''}>Make a backup now</Button>
  </form>
  <form method="POST" action="?/schedule" class="rhythm" use:enhance>
    <input type="hidden" name="wasHours" value={data.retention.backupHours} />
    <input type="hidden" name="wasKept" value={data.retention.backupsKept} />
    <label>
      By itself
      <Select placeholder="" name="backupHours" value={data.retention.backupHours}>
        {#each rhythms as [hours, word] (hours)}<option value={hours}>{word}</option>{/each}
      </Select>
    </label>
    <label>
      keeping the last
      <Input
        type="number"
        name="backupsKept"
        min={1}
        max={365}
        value={data.retention.backupsKept}
        class="w-20"
      />
    </label>
    <Button type="submit">Set</Button>
  </form>
</div>
<p role="status" class="said">
  {#if doing}{doing}
  {:else if form?.made}● The backup is made and was opened to see that it is sound.
  {:else if form?.restored}● Everything is as it was on {moment(form.restored)}. What stood here
    before is in the newest backup.
  {/if}
</p>
{#if form?.problem}<Problem isUrgent>{form.problem}</Problem>{/if}

{#if data.backups.length === 0}
  <p class="leaf empty">No backups yet. The first is made by itself within the day.</p>
{:else}
  <DataTable {columns}>
    {#each data.backups as { name, madeAt, reason, bytes } (name)}
      <tr>
        <td><strong>{moment(madeAt)}</strong></td>
        <td>{reason ? reasons[reason] : 'put there by hand'}</td>
        <td class="number">{fileSize(bytes)}</td>
        <td>
          {#if asked === name}
            <form method="POST" action="?/restore" class="ask" use:enhance={during('Restoring …')}>
              <input type="hidden" name="name" value={name} />
              <p>
                Everything becomes as it was on {moment(madeAt)}. Of what stands here now a backup
                is made first.
              </p>
              <Button type="submit" disabled={doing !== ''}>Restore it</Button>
              <Button kind="quiet" onclick={() => (asked = null)}>leave all as it is</Button>
            </form>
          {:else}
            <div class="row">
              <a class="quiet-link" href="/records/backups/{name}" download>save the file</a>
              <Button kind="quiet" onclick={() => (asked = name)}
                >restore<span class="visually-hidden"> that of {moment(madeAt)}</span> …</Button
              >
            </div>
          {/if}
        </td>
      </tr>
    {/each}
  </DataTable>
{/if}

<h2>From a file</h2>
<form
  bind:this={restoring}
  method="POST"
  action="?/received"
  class="upload"
  use:enhance={during('Restoring …')}
  onsubmit={(event) => {
    if (received !== '') return;
    event.preventDefault();
    event.stopImmediatePropagation();
    void sendFile();
  }}
>
  <input type="hidden" name="file" value={received} />
  <FilePick label="File of a backup" accept=".gz" bind:files />
  <Button type="submit" disabled={doing !== '' || sender.share !== null}>Restore this file</Button>
  {#if sender.share !== null}
    <span role="status" class="sending">
      <progress value={sender.share} max="1" aria-label="Sent"></progress>
      {Math.round(100 * sender.share)} % sent
      <Button kind="quiet" onclick={() => sender.stop()}>stop</Button>
    </span>
  {/if}
</form>
{#if sender.problem}<Problem isUrgent>{sender.problem}</Problem>{/if}
<p class="faint">
  A backup is a gzipped tar file with the database and its checksum; uploaded pages are in it. What
  lies in the folder <code>{data.folder}</code> stands above.
</p>

<style>
  .acts,
  .rhythm,
  .upload {
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-2) var(--space-4);
    align-items: flex-end;
  }
  .acts {
    justify-content: space-between;
  }
  .rhythm label {
    white-space: nowrap;
    display: flex;
    gap: var(--space-2);
    align-items: center;
  }
  .sending {
    display: flex;
    gap: var(--space-2);
    align-items: center;
  }
  .said {
    color: var(--right);
    min-height: 1.6em;
    margin: var(--space-2) 0;
  }
  .row {
    display: flex;
    gap: var(--space-4);
    justify-content: flex-end;
  }
  .ask {
    background: var(--lamp-soft);
    border-left: 4px solid var(--lamp);
    padding: var(--space-2) var(--space-3);
    max-width: 30rem;
    margin-left: auto;
  }
  h2 {
    margin: var(--space-5) 0 var(--space-2);
  }
  .faint {
    max-width: 44rem;
    margin-top: var(--space-2);
  }
  code {
    overflow-wrap: anywhere;
  }
  .empty {
    padding: var(--space-5);
    max-width: 40rem;
  }
</style>
