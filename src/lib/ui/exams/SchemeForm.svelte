<script lang="ts">
  import { schemeKey, type OutlinedPart } from '@zealous-quill/core/exams';
  import type { Mark, Scheme } from '@zealous-quill/core/schemes';
  import Button from '$lib/ui/kit/Button.svelte';
  import Problem from '$lib/ui/kit/Problem.svelte';
  import { setDepartmentScheme } from './department-scheme';
  import { page } from '$app/state';
  import { askServer } from '../ask-server';
  import { moment } from '../format';
  import Outlook from '../results/Outlook.svelte';
  import { OutlookState } from '../results/outlook.svelte';
  import type { ExamEditor } from './exam-editor.svelte';

  interface Props {
    editor: ExamEditor;
    outlined: OutlinedPart;
    isFrozen: boolean;
    onclose: () => void;
  }

  let { editor, outlined, isFrozen, onclose }: Props = $props();

  const part = $derived(outlined.part);
  const { groups } = $derived(outlined.facts);
  /** Of a sat exam, the scheme as it is changed before it holds. */
  let changed = $state.raw<Scheme | null>(null);
  let reason = $state('');
  const scheme = $derived(changed ?? outlined.facts.scheme);
  const since = $derived(
    (page.data['since'] as Record<string, { by: string; at: string; reason: string }>)[part.id]
  );
  let problem = $state('');
  const outlook = new OutlookState();
  const address = $derived(`/papers/${page.params['id']}/exam/scheme`);

  const kinds = [
    ['M', 'M method'],
    ['A', 'A accuracy'],
    ['B', 'B independent']
  ] as const;

  const put = (marks: readonly Mark[], more: Partial<Scheme> = {}) => {
    problem = '';
    const next: Scheme = { ...scheme, ...more, marks: numbered(marks) };
    if (isFrozen) {
      changed = next;
      void outlook.ask(address, { part: part.id, scheme: next });
    } else editor.changePart(part.id, (old) => ({ ...old, scheme: next }));
  };
  const change = (at: number, next: Partial<Mark>) =>
    put(scheme.marks.map((mark, place) => (place === at ? { ...mark, ...next } : mark)));

  function changeValue(at: number, field: HTMLInputElement) {
    const value = field.valueAsNumber;
    if (value >= 1 && value <= 20) change(at, { value: Math.round(value) });
    else if (document.activeElement !== field) field.value = String(scheme.marks[at]!.value);
  }

  /** Marks numbered within their kinds; what an accuracy mark depends on goes along, or is the method before it. */
  function numbered(marks: readonly Mark[]): Mark[] {
    const names = new Map<string, string>();
    const seen: Mark[] = [];
    for (const { dependsOn, ...mark } of marks) {
      const id = `${mark.kind}${1 + seen.filter(({ kind }) => kind === mark.kind).length}`;
      names.set(mark.id, id);
      const method = seen.findLast(({ kind }) => kind === 'M')?.id;
      const named = dependsOn === undefined ? undefined : names.get(dependsOn);
      const needs = mark.kind === 'A' ? (named ?? method) : undefined;
      seen.push({ ...mark, id, ...(needs !== undefined && { dependsOn: needs }) });
    }
    return seen;
  }

  function add() {
    const steps = [groups.at(-1)!.steps];
    put([...scheme.marks, { id: 'new', kind: 'B', value: 1, steps, own: 'cao' }]);
  }

  function remove(at: number) {
    if (scheme.marks.length === 1) problem = 'A part has at least one mark.';
    else put(scheme.marks.filter((_, place) => place !== at));
  }

  /** Marks the sat part by the changed scheme from now on. */
  async function holdFromNow() {
    problem = reason.trim() === '' ? 'Say why: it is kept with the scheme.' : '';
    if (problem) return;
    const was = page.data['schemesWere'] as string;
    const answer = await askServer('done', address, {
      json: { part: part.id, scheme, reason, ...outlook.along, was }
    });
    if (answer.ok) location.reload();
    else problem = answer.message;
  }

  /** The scheme becomes the department's, and this part has none of its own any more. */
  async function makeUsual() {
    const { skill, kind } = part;
    const known = page.data['departmentSchemes'] as Record<string, string>;
    const key = schemeKey(skill, kind);
    const set = await setDepartmentScheme({ skill, kind, scheme, was: known[key] ?? '' });
    if (set.was !== undefined) known[key] = set.was;
    problem = set.problem;
    if (problem) return;
    editor.changePart(part.id, ({ scheme: _, ...old }) => old);
    await editor.learnAnew();
  }

  const titleOf = (steps: string) => groups.find((one) => one.steps === steps)?.title ?? steps;
  /** What a mark can be for: the groups, and what it is for already. */
  const choices = (mark: Mark) => [
    ...new Set([mark.steps.join(' '), ...groups.map(({ steps }) => steps)])
  ];
</script>

<div class="scheme" role="group" aria-label="Mark scheme of {outlined.label}">
  <ul>
    {#each scheme.marks as mark, at (mark.id)}
      <li>
        <strong>{mark.id}</strong>
        <select
          value={mark.kind}
          aria-label="Kind of {mark.id}"
          onchange={(event) => change(at, { kind: event.currentTarget.value as Mark['kind'] })}
        >
          {#each kinds as [kind, word] (kind)}<option value={kind}>{word}</option>{/each}
        </select>
        <input
          type="number"
          min="1"
          max="20"
          value={mark.value}
          aria-label="Marks of {mark.id}"
          oninput={(event) => isFrozen && changeValue(at, event.currentTarget)}
          onchange={(event) => changeValue(at, event.currentTarget)}
        />
        for
        <select
          value={mark.steps.join(' ')}
          aria-label="What {mark.id} is for"
          onchange={(event) => change(at, { steps: event.currentTarget.value.split(' ') })}
        >
          {#each choices(mark) as steps (steps)}
            <option value={steps}>{steps.split(' ').map(titleOf).join(', ')}</option>
          {/each}
        </select>
        {#if mark.kind !== 'M'}
          <select
            value={mark.own}
            aria-label="Whether own figures are followed for {mark.id}"
            onchange={(event) => change(at, { own: event.currentTarget.value as Mark['own'] })}
          >
            <option value="cao">correct only</option>
            <option value="ft">own figures followed</option>
          </select>
        {/if}
        {#if mark.dependsOn}<span class="faint">needs {mark.dependsOn}</span>{/if}
        <Button kind="quiet" onclick={() => remove(at)}
          >remove<span class="visually-hidden"> {mark.id}</span></Button
        >
      </li>
    {/each}
  </ul>
  {#if problem}<Problem isUrgent>{problem}</Problem>{/if}
  {#if !isFrozen}
    <label class="tick">
      <input
        type="checkbox"
        checked={scheme.showWorking}
        onchange={(event) => put(scheme.marks, { showWorking: event.currentTarget.checked })}
      />
      working must be shown for the method
    </label>
    <label class="guidance">
      Guidance for those who mark it
      <textarea
        rows="2"
        maxlength="2000"
        value={part.guidance}
        onchange={(event) => {
          const guidance = event.currentTarget.value;
          editor.changePart(part.id, (old) => ({ ...old, guidance }));
        }}></textarea>
    </label>
  {/if}
  {#if since}
    <p class="faint small">Changed by {since.by}, {moment(since.at)}: {since.reason}</p>
  {/if}
  {#if changed}
    <Outlook state={outlook} canMarkAgain />
    {#if outlook.problem}<Problem isUrgent>{outlook.problem}</Problem>{/if}
    <label>Why <input class="why" maxlength="200" bind:value={reason} /></label>
  {/if}
  <div class="acts">
    <Button onclick={add}>Another mark</Button>
    {#if changed}
      <Button kind="main" onclick={holdFromNow}>Mark by this from now on</Button>
    {/if}
    {#if !isFrozen}
      {#if part.scheme}
        <Button
          kind="quiet"
          onclick={() => editor.changePart(part.id, ({ scheme: _, ...old }) => old)}
          >the usual scheme</Button
        >
        {#if part.kind !== 'own'}
          <Button kind="quiet" onclick={makeUsual}>usual for the department from now on</Button>
        {/if}
      {/if}
    {/if}
    <Button kind="quiet" onclick={onclose}>close</Button>
  </div>
</div>

<style>
  .scheme {
    padding: var(--space-2) var(--space-3);
    margin-bottom: var(--space-2);
    background: var(--raised);
    display: grid;
    gap: var(--space-1);
  }
  li,
  .acts {
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-1) var(--space-2);
    align-items: baseline;
    padding: var(--space-half) 0;
  }
  li strong {
    width: 2rem;
  }
  select {
    padding: 0 1.5rem 0 var(--space-2);
    max-width: 15rem;
  }
  input[type='number'] {
    width: 3em;
    padding: 0 var(--space-1);
    text-align: right;
  }
  .why {
    padding: 0 var(--space-2);
    width: 60%;
  }
  textarea {
    display: block;
    width: 100%;
    padding: var(--space-1) var(--space-2);
  }
</style>
