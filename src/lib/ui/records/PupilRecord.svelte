<svelte:options css="injected" />

<script lang="ts">
  import { spoken } from '@zealous-quill/core/house-style';
  import { day, duration, moment, plural } from '../format';

  interface Item {
    readonly label: string;
    readonly prompt: string;
    readonly written: readonly (readonly [step: string, text: string])[];
    readonly attempt: string;
    readonly isMarked: boolean;
    readonly awarded: number | null;
    readonly available: number | null;
    readonly patterns: readonly string[];
    readonly comment: string;
  }
  interface Sat {
    readonly title: string;
    readonly satOn: string;
    readonly isAbsent: boolean;
    readonly items: readonly Item[];
    readonly decisions: readonly {
      readonly at: string;
      readonly by: string;
      readonly item: string;
      readonly mark: string;
      readonly given: number | null;
      readonly reason: string;
    }[];
    readonly pages: readonly { readonly mediaType: string; readonly base64: string }[];
  }
  interface Timed {
    readonly title: string;
    readonly items: number;
    readonly since: string;
    readonly sheets: readonly {
      readonly sheet: string;
      readonly score: number | null;
      readonly seconds: number | null;
    }[];
  }
  interface Props {
    record: {
      readonly name: string;
      readonly className: string;
      readonly year: string;
      readonly largePrint: number;
      readonly hasExtraTime: boolean;
      readonly papers: readonly Sat[];
      readonly older: number;
      readonly practices: readonly { readonly title: string; readonly madeAt: string }[];
      readonly timed: readonly Timed[];
      readonly log: readonly { readonly at: string; readonly action: string }[];
    };
  }

  let { record }: Props = $props();

  const total = ({ items }: Sat) => items.reduce((sum, { awarded }) => sum + (awarded ?? 0), 0);
</script>

<article>
  <h1>{record.name}</h1>
  <p>
    {record.className}{record.year ? `, ${record.year}` : ''} · everything that is held about this pupil
    {#if record.largePrint > 0}· print of {record.largePrint} points{/if}
    {#if record.hasExtraTime}· extra time{/if}
  </p>
  {#if record.older > 0}
    <p>
      {plural(record.older, 'older paper')} left out here:
      <a href="?papers=all">show all</a>. The files that can be saved have all of them.
    </p>
  {/if}
  {#each record.papers as sat, index (index)}
    <section>
      <h2>{sat.title} <small>{day(sat.satOn)}</small></h2>
      {#if sat.isAbsent}
        <p>Absent.</p>
      {:else if sat.items.length === 0}
        <p>Nothing is marked yet.</p>
      {:else}
        <table>
          <thead>
            <tr>
              <th scope="col">Item</th><th scope="col">Asked</th><th scope="col">Written</th>
              <th scope="col" class="number">Marks</th><th scope="col">Comment</th>
            </tr>
          </thead>
          <tbody>
            {#each sat.items as item (item.label)}
              <tr>
                <td>{item.label}</td>
                <td>{spoken(item.prompt)}</td>
                <td>
                  {item.attempt === 'written' ? '' : `${item.attempt.replaceAll('-', ' ')} `}
                  {item.written.map(([step, text]) => `${step}: ${text}`).join(' · ')}
                  {#if item.patterns.length > 0}<br /><small
                      >as in: {item.patterns.join(', ')}</small
                    >{/if}
                </td>
                <td class="number">
                  {item.isMarked ? `${item.awarded ?? 0} of ${item.available ?? 0}` : 'not yet'}
                </td>
                <td>{item.comment}</td>
              </tr>
            {/each}
          </tbody>
        </table>
        <p>{plural(total(sat), 'mark')} in all.</p>
      {/if}
      {#if sat.decisions.length > 0}
        <h3>Decisions on marks</h3>
        <ul>
          {#each sat.decisions as { at, by, item, mark, given, reason }, at_ (at_)}
            <li>
              {moment(at)}, {by}: {item}, mark {mark}
              {given === null ? 'as proposed' : given}{reason ? `, ${reason}` : ''}
            </li>
          {/each}
        </ul>
      {/if}
      {#each sat.pages as { mediaType, base64 }, at (at)}
        {#if mediaType === 'application/pdf'}
          <p>
            <a href="data:{mediaType};base64,{base64}" download="page-{at + 1}.pdf"
              >Page {at + 1} of the script (PDF)</a
            >
          </p>
        {:else}
          <img src="data:{mediaType};base64,{base64}" alt="Page {at + 1} of the script" />
        {/if}
      {/each}
    </section>
  {:else}
    <p>This pupil has sat nothing yet.</p>
  {/each}
  {#if record.practices.length > 0}
    <section>
      <h2>Practices made for this pupil</h2>
      <ul>
        {#each record.practices as { title, madeAt }, index (index)}
          <li>{title}, {day(madeAt)}</li>
        {/each}
      </ul>
    </section>
  {/if}
  {#if record.timed.length > 0}
    <section>
      <h2>Timed practice</h2>
      <ul>
        {#each record.timed as { title, items, since, sheets }, index (index)}
          <li>
            {title}, since {day(since)}:
            {sheets
              .map(
                ({ sheet, score, seconds }) =>
                  `sheet ${sheet} ${score ?? '–'} of ${items}${seconds === null ? '' : ` in ${duration(seconds)}`}`
              )
              .join(', ')}
          </li>
        {/each}
      </ul>
    </section>
  {/if}
  {#if record.log.length > 0}
    <section>
      <h2>What was done</h2>
      <ul>
        {#each record.log as { at, action }, index (index)}<li>{moment(at)}: {action}</li>{/each}
      </ul>
    </section>
  {/if}
</article>

<style>
  article {
    max-width: 60rem;
    line-height: 1.45;
  }
  section {
    margin-top: var(--space-5);
  }
  table {
    width: 100%;
    border-collapse: collapse;
    font-variant-numeric: tabular-nums;
    margin: var(--space-2) 0;
  }
  th,
  td {
    text-align: left;
    vertical-align: top;
    padding: var(--space-half) var(--space-3) var(--space-half) 0;
    border-bottom: 1px solid currentcolor;
    border-bottom-color: color-mix(in srgb, currentcolor 20%, transparent);
  }
  .number {
    text-align: right;
    white-space: nowrap;
  }
  img {
    max-width: 100%;
  }
</style>
