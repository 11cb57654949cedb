<script lang="ts">
  import Input from 'flowbite-svelte/Input.svelte';
  import Problem from '$lib/ui/kit/Problem.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import { enhance } from '$app/forms';
  import { guardLeaving } from '$lib/ui/guard-leaving';
  import { Persistent } from '$lib/ui/kit/persistent.svelte';
  import RemovedNotice from '$lib/ui/records/RemovedNotice.svelte';
  import RemoveClass from '$lib/ui/people/RemoveClass.svelte';
  import TimedSets from '$lib/ui/people/TimedSets.svelte';
  import { newKey, ownName, typedName } from '$lib/ui/people/typed-name';
  import { plural } from '$lib/ui/format';
  import { onDestroy, untrack } from 'svelte';

  let { data, form } = $props();

  /** What is being renamed: the class, a pupil, or nothing. */
  let renamed = $state<'class' | number | null>(null);
  /** What would be removed, once that is said again. */
  let doomed = $state<'class' | number | null>(null);
  let list: HTMLFormElement;
  let pasted = $state('');
  let typed = $state(untrack(() => (form && 'name' in form ? form.name : '')));
  /** Sent with a pupil, so that one whose answer was lost is not added twice. */
  let key = $state(newKey());

  const adding = new Persistent(() => {
    typed = '';
    key = newKey();
  });
  const renaming = new Persistent(() => (renamed = null));
  onDestroy(() => [adding, renaming].forEach((one) => one.stop()));

  guardLeaving({ isSaved: () => typed === '' && adding.problem === null && renamed === null });

  /** A list pasted where one name belongs is shown as it is understood before it is kept. */
  function paste(event: ClipboardEvent) {
    const text = event.clipboardData?.getData('text/plain') ?? '';
    if (text.trim().split(/\r?\n/).length < 2) return;
    event.preventDefault();
    pasted = text;
    setTimeout(() => list.requestSubmit());
  }

  const focused = (input: HTMLInputElement) => {
    input.focus();
    input.select();
  };

  const removed = $derived((form && 'removed' in form ? form.removed : null) ?? data.removed);

  const close = () => {
    return async ({ update }: { update: () => Promise<void> }) => {
      await update();
      doomed = null;
    };
  };
</script>

<svelte:head><title>{data.group.name} · Classes · Zealous Quill</title></svelte:head>

<p><a class="quiet-link" href="/classes">Classes</a></p>
<div class="head">
  {#if renamed === 'class'}
    <form method="POST" action="?/renameClass" class="rename" use:enhance={renaming.submit}>
      <input type="hidden" name="was" value={data.group.name} />
      <input
        name="name"
        value={data.group.name}
        maxlength="80"
        aria-label="Name of the class"
        use:focused
        onkeydown={(event) => event.key === 'Escape' && (renamed = null)}
      />
      <Button type="submit" kind="side">Rename</Button>
      <Button kind="quiet" onclick={() => (renamed = null)}>leave it</Button>
    </form>
  {:else}
    <h1>{data.group.name}</h1>
    <Button kind="quiet" onclick={() => (renamed = 'class')}
      >rename<span class="visually-hidden"> the class</span></Button
    >
    <Button kind="quiet" onclick={() => (doomed = 'class')}
      >remove<span class="visually-hidden"> the class</span></Button
    >
  {/if}
</div>
<div class="facts">
  <span class="faint">{plural(data.group.pupils.length, 'pupil')}</span>
  <form method="POST" action="?/year" use:enhance>
    <label>
      School year
      <input
        name="year"
        value={data.group.year}
        placeholder="2026/27"
        maxlength="7"
        size="7"
        autocomplete="off"
        onchange={(event) => event.currentTarget.form?.requestSubmit()}
      />
    </label>
  </form>
  <form method="POST" action="?/archive" use:enhance>
    <input type="hidden" name="archived" value={data.group.isArchived ? 'no' : 'yes'} />
    <Button type="submit" kind="quiet"
      >{data.group.isArchived ? 'take out of the archive' : 'archive'}</Button
    >
  </form>
  <a class="quiet-link" href="/classes/{data.group.id}/needs">large print and extra time</a>
  <a class="quiet-link" href="/records?class={data.group.id}">log</a>
</div>
{#if data.group.isArchived}<p class="faint">This class is archived.</p>{/if}
{#if form && 'aboutClass' in form}<Problem>{form.aboutClass}</Problem>{/if}
<RemovedNotice {removed} />
{#if doomed === 'class'}<RemoveClass group={data.group} onkeep={() => (doomed = null)} />{/if}

<form method="POST" action="?/add" use:enhance={adding.submit} class="add">
  <input type="hidden" name="key" value={key} />
  <label>
    Add a pupil, or paste a list
    <Input
      name="name"
      autocomplete="off"
      maxlength={80}
      bind:value={typed}
      readonly={adding.problem !== null}
      autofocus
      class="w-72"
      onpaste={paste}
      aria-describedby="problem"
    />
  </label>
  <Button type="submit" kind="side">Add</Button>
  <a class="quiet-link" href="/classes/import?class={data.group.id}">or import a list</a>
</form>
<form method="POST" action="/classes/import?/preview" bind:this={list}>
  <input type="hidden" name="class" value={data.group.id} />
  <input type="hidden" name="csv" value={pasted} />
</form>
<Problem id="problem"
  >{adding.problem ??
    renaming.problem ??
    (form && 'problem' in form ? form.problem : '')}{#if adding.problem}
    <Button
      kind="quiet"
      onclick={() => {
        adding.stop();
        key = newKey();
      }}>change it</Button
    >{/if}</Problem
>

<TimedSets classId={data.group.id} sets={data.timed} />
{#if data.group.pupils.length === 0}
  <p class="leaf empty">
    Nobody yet. Type a name and press Enter; the field is ready for the next one. <em
      >Surname, Forename</em
    > puts the pupil in the order of the register.
  </p>
{:else}
  <ol>
    {#each data.group.pupils as { id, name, surname, scripts, largePrint, extraTime } (id)}
      <li>
        {#if renamed === id}
          <form method="POST" action="?/rename" class="rename" use:enhance={renaming.submit}>
            <input type="hidden" name="pupil" value={id} />
            <input type="hidden" name="was" value={ownName(name)} />
            <input
              name="name"
              value={typedName(name, surname)}
              maxlength="80"
              aria-label="Name of the pupil"
              use:focused
              onkeydown={(event) => event.key === 'Escape' && (renamed = null)}
            />
          </form>
        {:else if doomed === id}
          <form method="POST" action="?/remove" class="ask" use:enhance={close}>
            <input type="hidden" name="pupil" value={id} />
            <input type="hidden" name="marks" value="go" />
            <p>
              Remove {name} with the marks of <strong>{plural(scripts, 'script')}</strong>? All of
              it stays in the bin for 30 days.
            </p>
            <button type="submit">remove</button>
            <button type="button" onclick={() => (doomed = null)}>keep</button>
          </form>
        {:else}
          <a href="/classes/{data.group.id}/pupils/{id}">{name}</a>
          {#if largePrint > 0 || extraTime}
            <span class="faint small"
              >{largePrint > 0 ? `${largePrint} pt` : ''}{largePrint > 0 && extraTime
                ? ', '
                : ''}{extraTime ? 'extra time' : ''}</span
            >
          {/if}
          <span class="acts">
            <button type="button" onclick={() => (renamed = id)}
              >rename<span class="visually-hidden"> {name}</span></button
            >
            {#if scripts > 0}
              <button type="button" onclick={() => (doomed = id)}
                >remove<span class="visually-hidden"> {name}</span></button
              >
            {:else}
              <form method="POST" action="?/remove" use:enhance>
                <input type="hidden" name="pupil" value={id} />
                <button type="submit">remove<span class="visually-hidden"> {name}</span></button>
              </form>
            {/if}
          </span>
        {/if}
      </li>
    {/each}
  </ol>
{/if}

<style>
  .add {
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-2);
    align-items: end;
    margin-top: var(--space-4);
  }
  .empty {
    padding: var(--space-4);
    max-width: 34rem;
  }
  ol {
    columns: 17rem 3;
    column-gap: 3.5rem;
    list-style: decimal;
    padding-left: var(--space-5);
    margin-top: var(--space-2);
  }
  li {
    break-inside: avoid;
    border-bottom: 1px solid var(--rule);
    padding: var(--space-1) 0;
  }
  li::marker {
    color: var(--faint);
  }
  .head {
    display: flex;
    gap: var(--space-4);
    align-items: baseline;
  }
  .facts {
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-1) var(--space-5);
    align-items: baseline;
  }
  .facts input[name='year'] {
    padding: 0 var(--space-2);
    margin-left: var(--space-1);
  }
  li a:hover {
    color: var(--accent);
  }
  .rename {
    display: flex;
    gap: var(--space-2);
  }
  .rename input {
    padding: 0 var(--space-2);
    width: 100%;
  }
  .ask {
    background: var(--lamp-soft);
    border-left: 4px solid var(--lamp);
    padding: var(--space-2) var(--space-3);
    margin: var(--space-2) 0;
  }
  .ask button + button {
    margin-left: var(--space-3);
  }
  .acts {
    float: right;
    display: flex;
    gap: var(--space-3);
  }
  li button {
    color: var(--faint);
    font-size: var(--text-sm);
  }
  li button:hover {
    color: var(--slip);
    text-decoration: underline;
  }
</style>
