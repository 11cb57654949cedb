<script lang="ts">
  import type { Context } from '@zealous-quill/core/catalogue';
  import { enhance } from '$app/forms';
  import BesideForm from '$lib/ui/contexts/BesideForm.svelte';
  import ContextExamples from '$lib/ui/contexts/ContextExamples.svelte';
  import ContextMeasures from '$lib/ui/contexts/ContextMeasures.svelte';
  import ContextWords from '$lib/ui/contexts/ContextWords.svelte';
  import StoryForm from '$lib/ui/contexts/StoryForm.svelte';
  import { withStory } from '$lib/ui/contexts/context-edits';
  import { ContextTrials } from '$lib/ui/contexts/context-trial.svelte';
  import { Draft, tabKeeper } from '$lib/ui/draft.svelte';
  import DraftClash from '$lib/ui/DraftClash.svelte';
  import { plural } from '$lib/ui/format';
  import { guardLeaving } from '$lib/ui/guard-leaving';
  import Button from '$lib/ui/kit/Button.svelte';
  import Problem from '$lib/ui/kit/Problem.svelte';
  import { Working } from '$lib/ui/kit/working.svelte';
  import SaveMark from '$lib/ui/papers/SaveMark.svelte';
  import TitleInput from '$lib/ui/papers/TitleInput.svelte';
  import { postDraft } from '$lib/ui/post-draft';
  import { startBench } from '$lib/workers/bench';
  import { onDestroy, onMount, untrack } from 'svelte';

  let { data, form } = $props();

  const id = untrack(() => data.saved.id);
  const keeper = tabKeeper(`context/${id}`);
  const draft = new Draft<Context>({
    ...untrack(() => ({ value: data.saved.context, version: data.saved.version })),
    save: (context, version) =>
      postDraft<Context>(`/house-style/contexts/${id}/save`, { version, context }, (there) => ({
        version: there['version'] as number,
        current: there['context'] as Context
      })),
    ...(keeper && { keeper })
  });
  const context = $derived(draft.value);
  const working = new Working();
  let trials = $state<ContextTrials | null>(null);
  let seed = $state(1);
  let using = $state<HTMLFormElement>();

  onMount(() => {
    const { bench, end } = startBench();
    trials = new ContextTrials(bench);
    return end;
  });
  $effect(() => trials?.ask(context, seed));
  onDestroy(() => {
    draft.end();
    trials?.end();
  });
  guardLeaving({ isSaved: () => draft.state === 'saved', settle: () => draft.settle() });

  const change = (next: Partial<Context>) => draft.edit((now) => ({ ...now, ...next }));
  const problemsAt = (field: string) => trials?.problemsAt(field) ?? [];

  function changeStory(at: number, story: Context['stories'][number] | null) {
    change({
      stories: context.stories.flatMap((one, place) =>
        place !== at ? [one] : story === null ? [] : [story]
      )
    });
  }

  /** What stands on the server is as it is used, unless something was changed here since. */
  const isUsedAsIs = $derived(
    data.saved.isTold &&
      !data.saved.isChanged &&
      JSON.stringify(context) === JSON.stringify(data.saved.context)
  );
</script>

<svelte:head><title>{context.title} · Contexts · Zealous Quill</title></svelte:head>

<p><a class="quiet-link" href="/house-style/contexts">Contexts of word problems</a></p>
<div class="top">
  <div class="name">
    <TitleInput
      value={context.title}
      label="Title of the context"
      onchange={(title) => change({ title: title.slice(0, 60) })}
    />
  </div>
  <SaveMark state={draft.state} problem={draft.problem} />
  <Button disabled={!draft.canUndo} onclick={() => draft.undo()}>Undo</Button>
  <Button disabled={!draft.canRedo} onclick={() => draft.redo()}>Redo</Button>
  <form method="POST" action="?/tell" bind:this={using} use:enhance={working.during}>
    <Button
      kind="main"
      disabled={working.isBusy || isUsedAsIs || trials?.last == null || trials.hindered}
      onclick={async () => {
        // It is used as it stands on the server.
        if (await draft.settle()) using?.requestSubmit();
      }}>{isUsedAsIs ? 'Used in problems' : 'Use in problems'}</Button
    >
  </form>
</div>
{#if working.problem}<Problem isUrgent>{working.problem}</Problem>{/if}
{#if form?.problem}<Problem isUrgent>{form.problem}</Problem>{/if}
<DraftClash
  {draft}
  text={({ title, stories }) => `“${title}”, ${plural(stories.length, 'story', 'stories')}`}
>
  This context was saved in another window since it was opened here. Nothing has been overwritten.
</DraftClash>

<div class="columns">
  <div class="forms">
    <ContextWords {context} {problemsAt} onchange={change} />
    <ContextMeasures {context} {problemsAt} onchange={change} />
    <p class="faint small">
      In sentences <code>{'{}'}</code> stands for the number with its unit, <code>{'{#}'}</code> for
      the number alone, <code>{'{A}'}</code>, <code>{'{B}'}</code> and <code>{'{C}'}</code> for people.
    </p>
    {#each problemsAt('stories') as { says } (says)}<Problem>{says}</Problem>{/each}
    {#each context.stories as story, at (at)}
      <StoryForm {context} {story} {at} {problemsAt} onchange={(next) => changeStory(at, next)} />
    {/each}
    <div>
      <Button disabled={context.stories.length >= 40} onclick={() => draft.edit(withStory)}
        >Another story</Button
      >
    </div>
    <BesideForm {context} {problemsAt} onchange={change} />
  </div>
  <!-- svelte-ignore a11y_no_noninteractive_tabindex -->
  <div class="examples" role="region" aria-label="Examples" tabindex="0">
    {#if trials}<ContextExamples {trials} onmore={() => seed++} />{/if}
  </div>
</div>

<style>
  .top {
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-2) var(--space-3);
    align-items: center;
    margin-bottom: var(--space-3);
  }
  .name {
    flex: 1 1 18rem;
  }
  .columns {
    display: grid;
    grid-template-columns: minmax(0, 1fr) minmax(0, 24rem);
    gap: var(--space-5);
    align-items: start;
  }
  .forms {
    display: grid;
    gap: var(--space-3);
    grid-template-columns: minmax(0, 1fr);
  }
  .examples {
    position: sticky;
    top: var(--space-3);
    max-height: calc(100vh - 2 * var(--space-3));
    overflow-y: auto;
  }
  @media (max-width: 900px) {
    .columns {
      grid-template-columns: minmax(0, 1fr);
    }
    .examples {
      position: static;
      max-height: none;
    }
  }
</style>
