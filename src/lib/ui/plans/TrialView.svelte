<script lang="ts">
  import type { HouseStyle } from '@zealous-quill/core/house-style';
  import type { Bounds } from '@zealous-quill/core/exams';
  import Difficulty from '$lib/ui/kit/Difficulty.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import DataTable from '$lib/ui/kit/DataTable.svelte';
  import MathText from '$lib/ui/sheet/MathText.svelte';
  import { duration, plural } from '../format';
  import Bands from './Bands.svelte';
  import { offered, type Trial } from './trial.svelte';

  interface Props {
    trial: Trial | null;
    isBusy: boolean;
    style: HouseStyle;
    onoffer: (line: string, value: number | Bounds) => void;
  }

  let { trial, isBusy, style, onoffer }: Props = $props();

  const columns = [
    { title: 'No.', isNumber: true },
    { title: 'Item' },
    { title: 'Marks', isNumber: true },
    { title: 'Difficulty' },
    { title: 'Time', isNumber: true }
  ];
</script>

<div class:busy={isBusy} aria-busy={isBusy}>
  {#if !trial}
    <p class="faint" role="status">Looking for a paper …</p>
  {:else if trial.ok}
    {@const { totals, parts } = trial}
    <p class="totals" role="status">
      <strong>{plural(totals.marks, 'mark')}</strong> · about {Math.ceil(totals.minutes)} minutes ·
      <Difficulty value={totals.mean} {style} /> on average
    </p>
    <Bands {totals} />
    <p class="faint small">Difficulty and time are estimates.</p>
    <DataTable {columns}>
      {#each parts as part, at (at)}
        <tr>
          <td class="number">{part.question === parts[at - 1]?.question ? '' : part.question}</td>
          <td>
            {#if part.line}<span class="figures"><MathText text={part.line} /></span><br />{/if}
            <span class="faint small">{part.title}</span>
          </td>
          <td class="number">{part.marks}</td>
          <td><Difficulty value={part.difficulty / 100} {style} /></td>
          <td class="number whitespace-nowrap">{duration(part.seconds)}</td>
        </tr>
      {/each}
    </DataTable>
  {:else}
    <div class="vain" role="status">
      <p><strong>{trial.message}</strong></p>
      {#if trial.lines.length > 0}
        <ul>
          {#each trial.lines as { line, words, nearest } (line)}
            <li>
              {words}
              {#if nearest !== null && nearest !== undefined}
                <Button kind="quiet" onclick={() => onoffer(line, nearest)}
                  >change to {offered(nearest)}</Button
                >
              {:else}<span class="faint">no other value alone would do</span>{/if}
            </li>
          {/each}
        </ul>
      {/if}
    </div>
  {/if}
</div>

<style>
  .busy {
    opacity: 0.6;
  }
  .totals {
    font-size: var(--text-lg);
  }
  .vain {
    background: var(--lamp-soft);
    border-left: 4px solid var(--lamp);
    padding: var(--space-2) var(--space-4);
  }
  li {
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-1) var(--space-4);
    padding: var(--space-half) 0;
  }
  .small {
    font-size: var(--text-sm);
  }
</style>
