<script lang="ts">
  import Select from 'flowbite-svelte/Select.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import type { HouseStyle } from '@zealous-quill/core/house-style';
  import { invalidateAll } from '$app/navigation';
  import { Draft, type DraftReply } from '$lib/ui/draft.svelte';
  import DraftClash from '$lib/ui/DraftClash.svelte';
  import SaveMark from '$lib/ui/papers/SaveMark.svelte';
  import { guardLeaving } from '$lib/ui/guard-leaving';
  import AdviceForm from '$lib/ui/house-style/AdviceForm.svelte';
  import TimingForm from '$lib/ui/house-style/TimingForm.svelte';
  import { entered } from '$lib/ui/entered';
  import { findChoices, hasWords } from '$lib/ui/house-style/find-choices';
  import { changedWords, styleChoices, together } from '$lib/ui/house-style/choices';
  import { postDraft } from '$lib/ui/post-draft';
  import { setDepartmentScheme } from '$lib/ui/exams/department-scheme';
  import Problem from '$lib/ui/kit/Problem.svelte';
  import Samples from '$lib/ui/house-style/Samples.svelte';
  import { onDestroy, untrack } from 'svelte';

  let { data } = $props();

  const draft = new Draft<HouseStyle>(
    untrack(() => ({ value: data.style, version: data.version, save }))
  );
  const style = $derived(draft.value);

  onDestroy(() => draft.end());
  guardLeaving({ isSaved: () => draft.state === 'saved', settle: () => draft.settle() });

  /** As it stood when it was last known to be saved. */
  let saved = untrack(() => data.style);

  async function save(mine: HouseStyle, over: number): Promise<DraftReply<HouseStyle>> {
    const reply = await postDraft<HouseStyle>(
      '/house-style/save',
      { version: over, style: mine },
      ({ version, style }) => ({ version: version as number, current: style as HouseStyle })
    );
    if (reply.ok) {
      saved = mine;
      // What the samples show is worked out by the server.
      void invalidateAll();
    } else if (reply.code === 'changed') {
      const both = together(saved, mine, reply.current);
      if (!both) return reply;
      saved = reply.current;
      const merged = await save(both, reply.version);
      if (merged.ok) draft.edit(() => both, 0);
      return merged;
    }
    return reply;
  }

  /** Words of a choice that is looked for. */
  let query = $state('');
  const groups = $derived(findChoices(styleChoices, query));
  const methods = $derived(
    data.methods.filter(({ title, options }) =>
      hasWords(query, ['methods', title, ...options.map(([, word]) => word)])
    )
  );
  let schemeProblem = $state('');

  /** The usual scheme of a skill and presentation holds again. */
  async function forget({ skill, kind, was }: { skill: string; kind: string; was: string }) {
    ({ problem: schemeProblem } = await setDepartmentScheme({ skill, kind, scheme: null, was }));
    await invalidateAll();
  }

  function choose(change: Partial<HouseStyle>) {
    draft.edit((now) => ({ ...now, ...change }), 0);
  }
</script>

<svelte:head><title>House style · Zealous Quill</title></svelte:head>

<h1>House style</h1>
<p class="faint">
  How this department writes. Screens, papers, keys and solutions follow it from now on.
  <a class="quiet-link" href="/house-style/contexts">Contexts of word problems</a> are written on a page
  of their own.
</p>

<DraftClash
  {draft}
  text={(value) => changedWords(value, value === style ? (draft.clash?.theirs ?? value) : style)}
>
  The house style was changed in another window since it was opened here. Nothing has been
  overwritten, and undoing brings back the one that is not taken.
</DraftClash>
<div class="bar">
  <input type="search" placeholder="Find a choice" aria-label="Find a choice" bind:value={query} />
  <SaveMark state={draft.state} problem={draft.problem} />
  <Button disabled={!draft.canUndo} onclick={() => draft.undo()}>Undo</Button>
</div>
<div class="columns">
  <form onsubmit={(event) => event.preventDefault()}>
    {#each groups as { title, choices } (title)}
      <section>
        <h2>{title}</h2>
        {#each choices as { name, title: question, options } (name)}
          <fieldset>
            <legend>{question}</legend>
            <div>
              {#each options as { value, word } (value)}
                <label>
                  <input
                    type="radio"
                    {name}
                    value={String(value)}
                    checked={style[name] === value}
                    onchange={() => choose({ [name]: value })}
                  />
                  <span>{word}</span>
                </label>
              {/each}
            </div>
          </fieldset>
        {/each}
      </section>
    {/each}
    {#if methods.length > 0}
      <section>
        <h2>Methods</h2>
        {#each methods as { id, title, options, usual } (id)}
          <label class="method">
            {title}
            <Select
              placeholder=""
              value={style.methods[id] ?? usual}
              onchange={(event) =>
                choose({ methods: { ...style.methods, [id]: event.currentTarget.value } })}
            >
              {#each options as [school, word] (school)}
                <option value={school}>{word.toLowerCase()}</option>
              {/each}
            </Select>
          </label>
        {/each}
      </section>
    {/if}
    {#if hasWords(query, ['ways of working advice'])}
      <AdviceForm advice={style.advice} onchange={(advice) => choose({ advice })} />
    {/if}
    {#if hasWords(query, ['minutes of papers time reading working checking'])}
      <TimingForm timing={style.timing} onchange={(timing) => choose({ timing })} />
    {/if}
    {#if hasWords(query, ['exams covers department instructions mark schemes'])}
      <section>
        <h2>Exams</h2>
        <label class="cover">
          Name of the department, on covers
          <input
            maxlength="80"
            value={style.department}
            onchange={(event) => choose({ department: entered(event) })}
          />
        </label>
        <label class="cover">
          Instructions on covers, a line each
          <textarea
            rows="3"
            maxlength="1000"
            value={style.instructions}
            onchange={(event) => choose({ instructions: entered(event) })}></textarea>
        </label>
        {#if data.schemes.length > 0}
          <p>Mark schemes of the department</p>
          <ul>
            {#each data.schemes as one (`${one.skill}/${one.kind}`)}
              <li>
                {one.title}: <strong>{one.marks}</strong>
                <Button kind="quiet" onclick={() => forget(one)}
                  >the usual one again<span class="visually-hidden"> for {one.title}</span></Button
                >
              </li>
            {/each}
          </ul>
          {#if schemeProblem}<Problem isUrgent>{schemeProblem}</Problem>{/if}
        {/if}
      </section>
    {/if}
    {#if groups.length === 0 && methods.length === 0}
      <p class="faint">No choice between ways of writing or working has these words.</p>
    {/if}
  </form>

  <Samples samples={data.samples} {style} />
</div>

<style>
  .columns {
    display: grid;
    grid-template-columns: minmax(0, 24rem) minmax(0, 1fr);
    gap: var(--space-6);
    margin-top: var(--space-4);
    align-items: start;
  }
  h2 {
    margin-bottom: var(--space-1);
  }
  section + section {
    margin-top: var(--space-4);
  }
  fieldset {
    padding: var(--space-1) 0;
  }
  legend {
    font-size: var(--text-sm);
    color: var(--faint);
  }
  fieldset div {
    display: flex;
    flex-wrap: wrap;
  }
  label span {
    display: block;
    padding: var(--space-half) var(--space-3);
    border: 1px solid color-mix(in srgb, var(--faint) 45%, var(--leaf));
    margin-left: -1px;
    background: var(--leaf);
    cursor: pointer;
  }
  label:hover span {
    background: var(--accent-soft);
  }
  .cover {
    display: block;
    margin-top: var(--space-2);
  }
  .cover input,
  .cover textarea {
    display: block;
    width: 100%;
    padding: var(--space-1) var(--space-2);
  }
  input[type='radio'] {
    position: absolute;
    opacity: 0;
  }
  input:checked + span {
    background: var(--accent);
    color: var(--on-accent);
    border-color: var(--accent);
  }
  input:focus-visible + span {
    outline: 2px solid var(--accent);
    outline-offset: 2px;
  }
  .method {
    display: grid;
    grid-template-columns: minmax(0, 1fr) minmax(0, 13rem);
    gap: var(--space-3);
    align-items: center;
    padding: var(--space-half) 0;
  }
  .bar {
    position: sticky;
    top: 0;
    z-index: 10;
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-2) var(--space-4);
    align-items: center;
    padding: var(--space-2) 0;
    margin-bottom: var(--space-2);
    background: var(--paper);
    border-bottom: 1px solid var(--rule);
  }
  .bar input {
    width: 16rem;
    padding: var(--space-1) var(--space-2);
  }
  @media (max-width: 900px) {
    .columns {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
