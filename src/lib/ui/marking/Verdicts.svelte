<script lang="ts">
  import { writeText, type HouseStyle } from '@zealous-quill/core/house-style';
  import {
    flagWords,
    formWords,
    slipWords,
    verdictWords,
    type Explanation
  } from '@zealous-quill/core/marking';
  import { splitPatternKey, titleIn } from '@zealous-quill/core/skill';
  import { ANSWER, stepOf } from '@zealous-quill/core/working';
  import MathText from '../sheet/MathText.svelte';
  import type { MarkingDesk } from './desk.svelte';

  let { desk, style }: { desk: MarkingDesk; style: HouseStyle } = $props();

  const marked = $derived(desk.marked);
  /** Of a choice, the option that was taken. */
  const chosen = $derived(
    desk.place.item.options?.find(({ text }) => text === desk.state.working[ANSWER])
  );
  const isEmpty = $derived(Object.keys(desk.state.working).length === 0);
  const title = (pattern: string) =>
    titleIn(desk.worked.skill.patterns.find(({ id }) => id === pattern)!.title, style);
  const name = (step: string) => desk.worked.label(stepOf(desk.worked.graph, step), style);
  const explained = $derived(
    marked.diagnosis.map(({ patterns }) => patterns.map(title).join(' with '))
  );
  /** What else is said of an explanation: one slip beside it, or the way of working it belongs to. */
  function besides({ slip, school }: Explanation): string {
    if (slip) return `, with one slip (${name(slip).toLowerCase()})`;
    return school ? `, worked by ${desk.worked.skill.schools[school]!.toLowerCase()}` : '';
  }
  const told = $derived(
    marked.steps
      .filter(({ id }) => !desk.isAnswerOnly || desk.apart.some((step) => step.id === id))
      .filter(({ written, verdict }) => written !== null || (verdict === 'blank' && !isEmpty))
  );
  /** Near misses are offered unless a pattern explains the whole working: then they say nothing. */
  const offered = $derived(marked.diagnosis[0]?.explains === 'working' ? [] : marked.slips);
</script>

<p class="key">
  Key <strong class="figures"
    ><MathText text={writeText(desk.place.item.item.answer, style)} /></strong
  >
  {#each desk.apart as { id } (id)}· <strong>{desk.keyed()[id]}</strong>{/each}
  {#if !isEmpty && marked.answer.verdict !== 'blank'}
    <span class="verdict {desk.awarded > 0 ? marked.answer.verdict : ''}">
      {verdictWords[marked.answer.verdict].sign} answer {verdictWords[marked.answer.verdict].word}
    </span>
  {/if}
</p>
<div aria-live="polite">
  {#if chosen}
    {#if chosen.by === 'pattern' && chosen.pattern}
      <p class="explained">
        <strong>{title(splitPatternKey(chosen.pattern).pattern)}</strong> gives this option.
      </p>
    {:else if chosen.by === 'slip'}<p class="explained">A slip gives this option.</p>{/if}
  {:else if !isEmpty}
    {#if marked.firstSlip}
      <p class="first">
        Went wrong first at: <strong>{name(marked.firstSlip).toLowerCase()}</strong>
      </p>
    {/if}
    {#if explained.length === 1}
      <p class="explained">
        <strong>{explained[0]}</strong> explains {marked.diagnosis[0]!.explains === 'working'
          ? 'all that is written'
          : 'this answer'}{besides(marked.diagnosis[0]!)}.
      </p>
    {:else if explained.length > 1}
      <p class="explained">
        These tie: {#each explained as one, at (one)}{at > 0 ? ', ' : ''}<strong>{one}</strong
          >{/each}.
      </p>
    {/if}
    {#each offered as { kind, step } (`${kind}${step}`)}
      <p class="faint">
        It could be a slip: {slipWords[kind]}{step ? ` (${name(step).toLowerCase()})` : ''}.
      </p>
    {/each}
    {#each marked.flags as flag (flag)}<p class="flag">{flagWords[flag]}</p>{/each}
    {#each marked.answer.form as code (code)}
      <p class={marked.notes.includes(code) ? 'faint' : 'flag'}>
        The answer is {formWords[code]}{marked.notes.includes(code) ? '; that costs nothing' : ''}.
      </p>
    {/each}
  {/if}
</div>
{#if told.length > 0}
  <ul>
    {#each told as { id, written, own, verdict } (id)}
      <li>
        <span
          class="verdict {verdict}"
          title={verdict === 'follows-through' ? 'Right from the pupil’s own figures' : undefined}
          ><span class="sign">{verdictWords[verdict].sign}</span> {verdictWords[verdict].word}</span
        >
        <span>{name(id)}</span>
        <span class="figures">
          {written ?? '–'}{#if verdict === 'slip' && own !== null}<span class="faint">
              &nbsp;for {own}</span
            >{/if}
        </span>
      </li>
    {/each}
  </ul>
{/if}

<style>
  .key {
    display: flex;
    gap: var(--space-2);
    align-items: baseline;
  }
  .key strong {
    font-size: var(--text-lg);
  }
  .verdict {
    white-space: nowrap;
  }
  .verdict.correct {
    color: var(--right);
  }
  .verdict.slip,
  .verdict.unreadable {
    color: var(--slip);
  }
  .verdict.follows-through {
    color: var(--follows);
  }
  .first {
    color: var(--slip);
  }
  .explained {
    background: var(--lamp-soft);
    color: var(--lamp);
    padding: var(--space-1) var(--space-2);
    margin: var(--space-1) 0;
  }
  .flag {
    border-left: 3px solid var(--lamp);
    padding-left: var(--space-2);
  }
  ul {
    margin-top: var(--space-2);
    border-top: 1px solid var(--rule);
    font-size: var(--text-sm);
  }
  li {
    display: grid;
    grid-template-columns: 5.6rem 1fr auto;
    gap: var(--space-2);
    border-bottom: 1px solid var(--rule);
    padding: var(--space-half) 0;
  }
  .sign {
    display: inline-block;
    width: 0.9rem;
    text-align: center;
  }
</style>
