<script lang="ts">
  import { timedKinds, type TimeWeight, type Timing } from '@zealous-quill/core/house-style';
  import { kindWords } from '$lib/ui/exams/words';
  import NumberInput from '$lib/ui/kit/NumberInput.svelte';

  interface Props {
    timing: Timing;
    onchange: (timing: Timing) => void;
  }

  let { timing, onchange }: Props = $props();

  const columns: readonly { name: keyof TimeWeight; title: string; min: number; max: number }[] = [
    { name: 'reading', title: 'Reading, s', min: 0, max: 120 },
    { name: 'working', title: 'Working, %', min: 50, max: 900 },
    { name: 'checking', title: 'Checking, %', min: 0, max: 400 }
  ];
  const words = new Map<string, string>(kindWords);
</script>

<section>
  <h2>Minutes of a paper</h2>
  <p class="faint small">
    How long a part takes. Each skill knows how long its items take someone who knows the method.
    Working and checking are in hundredths of that time, reading is in seconds. With the usual
    numbers a paper takes about a minute a mark.
  </p>
  <table>
    <thead>
      <tr>
        <th scope="col">A part that is</th>
        {#each columns as { name, title } (name)}<th scope="col">{title}</th>{/each}
      </tr>
    </thead>
    <tbody>
      {#each timedKinds as kind (kind)}
        <tr>
          <th scope="row">{words.get(kind)}</th>
          {#each columns as { name, title, min, max } (name)}
            <td class="number">
              <NumberInput
                {min}
                {max}
                label={`${words.get(kind)}: ${title}`}
                value={timing[kind][name]}
                onchange={(value) =>
                  onchange({ ...timing, [kind]: { ...timing[kind], [name]: value } })}
              />
            </td>
          {/each}
        </tr>
      {/each}
    </tbody>
  </table>
</section>

<style>
  section {
    margin: var(--space-4) 0;
  }
  table {
    width: 100%;
    margin-top: var(--space-2);
  }
  thead th {
    font-family: var(--font-sans);
    font-size: var(--text-sm);
    font-weight: normal;
    color: var(--faint);
    text-align: right;
  }
  th:first-child {
    text-align: left;
    font-weight: normal;
  }
  th,
  td {
    padding: var(--space-half) 0 var(--space-half) var(--space-2);
  }
  th:first-child {
    padding-left: 0;
  }
</style>
