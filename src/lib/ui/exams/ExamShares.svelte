<script lang="ts">
  import type { HouseStyle } from '@zealous-quill/core/house-style';
  import type { ApexOptions } from 'apexcharts';
  import { difficultyWord, logit } from '../format';
  import AlikeParts from './AlikeParts.svelte';
  import ApexChart from '../kit/ApexChart.svelte';
  import { difficultyAxis } from '../papers/difficulty-axis';
  import Bands from '../plans/Bands.svelte';
  import type { ExamEditor } from './exam-editor.svelte';

  interface Props {
    editor: ExamEditor;
    titles: Readonly<Record<string, string>>;
    style: HouseStyle;
  }

  let { editor, titles, style }: Props = $props();

  const outline = $derived(editor.outline);
  const most = $derived(Math.max(1, ...outline.bySkill.map(({ marks }) => marks)));

  const options = (colour: (name: string) => string): ApexOptions => ({
    chart: { type: 'line', height: 260 },
    series: [{ name: 'predicted', data: outline.parts.map(({ facts }) => facts.difficulty) }],
    colors: [colour('--accent')],
    stroke: { width: 1.5, curve: 'straight' },
    markers: { size: 5, shape: 'square', strokeColors: colour('--leaf') },
    xaxis: {
      categories: outline.parts.map(({ label }) => label),
      title: { text: 'part' },
      tooltip: { enabled: false }
    },
    ...difficultyAxis(
      outline.parts.map(({ facts }) => facts.difficulty),
      colour
    ),
    tooltip: { y: { formatter: (value: number) => logit(value, style) } }
  });
</script>

<ApexChart {options} label="Predicted difficulty of each part" />
<table class="visually-hidden">
  <caption>Predicted difficulty by part</caption>
  <tbody>
    {#each outline.parts as { label, facts } (label)}<tr
        ><th>{label}</th><td
          >{difficultyWord(facts.difficulty)}, {logit(facts.difficulty, style)}</td
        ></tr
      >{/each}
  </tbody>
</table>
<Bands totals={outline.totals} />
<p class="faint small">Difficulty and time are estimates.</p>
<h3>Marks by skill</h3>
<ul>
  {#each outline.bySkill as { skill, marks } (skill)}
    <li>
      <span>{titles[skill] ?? skill}</span>
      <span class="bar" style:width="{(marks / most) * 8}rem"></span>
      <span class="number">{marks}</span>
    </li>
  {/each}
</ul>
<AlikeParts {editor} />

<style>
  h3 {
    margin-top: var(--space-3);
  }
  li {
    display: grid;
    grid-template-columns: 1fr 8rem 2rem;
    gap: var(--space-2);
    align-items: center;
  }
  .bar {
    height: 0.7rem;
    background: var(--accent);
  }
</style>
