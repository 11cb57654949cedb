<script lang="ts">
  import type { Context, ContextProblem } from '@zealous-quill/core/catalogue';
  import PickField from './PickField.svelte';
  import TextField from './TextField.svelte';
  import { quantityWord } from './relations';

  type Part = Context['stories'][number]['parts'][string];
  type Asks = Exclude<Part[3], string>;
  interface Props {
    id: string;
    part: Part;
    measures: readonly string[];
    /** Where the problems of this quantity are found. */
    problemsAt: (field: string) => readonly ContextProblem[];
    /** It is a number of groups: what is left of a division can be asked about. */
    isGroups: boolean;
    onchange: (part: Part) => void;
  }

  let { id, part, measures, problemsAt, isGroups, onchange }: Props = $props();

  const [names, told, instead, asks] = $derived(part);
  const [first, second = ''] = $derived(names.split('|'));
  const all = $derived(typeof asks === 'string' ? { none: asks } : asks);
  const options = $derived(measures.map((one) => [one, one] as const));

  const setNames = (one: string, other: string) =>
    onchange([other === '' || other === one ? one : `${one}|${other}`, told, instead, asks]);

  /** One question is a text alone; several are named by what becomes of what is left. */
  function ask(kind: keyof Asks, text: string) {
    const next = Object.fromEntries(
      Object.entries({ ...all, [kind]: text }).filter(([, one]) => one)
    ) as Asks;
    const isPlain = Object.keys(next).every((one) => one === 'none');
    onchange([names, told, instead, isPlain ? (next.none ?? '') : next]);
  }

  const further = [
    ['up', 'Rounded up', 'How many boxes are needed?'],
    ['down', 'Rounded down', 'How many boxes are full?'],
    ['left', 'What is left', 'How many are left over?'],
    ['both', 'Both', 'How many boxes are full, and how many are left over?']
  ] as const;
</script>

<div class="part" role="group" aria-label={quantityWord(id)}>
  <div class="head">
    <strong>{quantityWord(id)}</strong>
    <span class="pick">
      <PickField
        label="Measure of {quantityWord(id)}"
        value={first!}
        {options}
        onpick={(one) => setNames(one, second)}
      />
    </span>
    <span class="faint small">or</span>
    <span class="pick">
      <PickField
        label="Other measure of {quantityWord(id)}"
        value={second}
        options={[['', 'no other'], ...options]}
        onpick={(other) => setNames(first!, other)}
      />
    </span>
  </div>
  <TextField
    label="Told"
    value={told}
    most={200}
    placeholder={'{A} has {}.'}
    problems={[...problemsAt('measure'), ...problemsAt('told')]}
    onchange={(text) => onchange([names, text, instead, asks])}
  />
  <TextField
    label="When not told"
    value={instead}
    most={200}
    placeholder={'{A} has some.'}
    problems={problemsAt('instead')}
    onchange={(text) => onchange([names, told, text, asks])}
  />
  <TextField
    label="Question"
    value={all.none ?? ''}
    most={200}
    placeholder={'How many does {A} have?'}
    problems={problemsAt('asked')}
    onchange={(text) => ask('none', text)}
  />
  {#if isGroups}
    <details open={typeof asks !== 'string'}>
      <summary class="small">Questions about what is left</summary>
      {#each further as [kind, label, placeholder] (kind)}
        <TextField
          {label}
          value={all[kind] ?? ''}
          most={200}
          {placeholder}
          problems={problemsAt(`asked/${kind}`)}
          onchange={(text) => ask(kind, text)}
        />
      {/each}
    </details>
  {/if}
</div>

<style>
  .part {
    padding: var(--space-2) 0 var(--space-2) var(--space-3);
    border-left: 2px solid var(--rule);
    margin-top: var(--space-2);
  }
  .head {
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-1) var(--space-2);
    align-items: center;
  }
  strong {
    min-width: 7rem;
  }
  .pick {
    width: 9.5rem;
  }
  summary {
    cursor: pointer;
    color: var(--accent);
    margin-top: var(--space-1);
  }
</style>
