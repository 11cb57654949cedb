<script lang="ts">
  import Button from '$lib/ui/kit/Button.svelte';
  import { writeText, type HouseStyle } from '@zealous-quill/core/house-style';
  import type { Controls } from '@zealous-quill/core/skill';
  import type { SkillDescription } from '@zealous-quill/core/catalogue';
  import type { ItemFacts } from '@zealous-quill/core/papers';
  import MathText from '../sheet/MathText.svelte';
  import FeatureChips from './FeatureChips.svelte';

  interface Props {
    skill: SkillDescription;
    sample: readonly ItemFacts[];
    controls: Controls;
    style: HouseStyle;
    chosen: string | null;
    onchoose: (line: string) => void;
    onmore: () => void;
    ontakeout: () => void;
  }

  let { skill, sample, controls, style, chosen, onchoose, onmore, ontakeout }: Props = $props();
</script>

<div class="head">
  <h2>Some of them</h2>
  <Button kind="quiet" disabled={sample.length === 0} onclick={ontakeout}>take items out</Button>
  <Button kind="quiet" onclick={onmore}>others <kbd>N</kbd></Button>
</div>
<ul>
  {#each sample as { line, answer, features } (line)}
    <li>
      <button type="button" aria-pressed={line === chosen} onclick={() => onchoose(line)}>
        <span class="sum figures"><MathText text={writeText(line, style)} /></span>
        <span class="answer figures"
          ><span class="faint">{skill.answerSign}</span>
          <MathText text={writeText(answer, style)} /></span
        >
        <FeatureChips {skill} {features} {controls} />
      </button>
    </li>
  {/each}
</ul>

<style>
  .head {
    display: flex;
    gap: var(--space-3);
    align-items: baseline;
    margin-top: var(--space-4);
    border-bottom: 1.5px solid var(--ink);
    padding-bottom: var(--space-1);
  }
  h2 {
    margin-right: auto;
  }
  kbd {
    font-size: var(--text-xs);
    border: 1px solid var(--rule);
    padding: 0 var(--space-1);
  }
  li button {
    display: flex;
    flex-wrap: wrap;
    gap: 0 var(--space-4);
    width: 100%;
    text-align: left;
    padding: var(--space-1) var(--space-2);
    border-bottom: 1px solid var(--rule);
    border-left: 3px solid transparent;
  }
  li button:hover {
    background: var(--accent-soft);
  }
  li button[aria-pressed='true'] {
    border-left-color: var(--accent);
    background: var(--leaf);
  }
  .sum {
    overflow-wrap: anywhere;
  }
  .answer {
    margin-left: auto;
    text-align: right;
  }
</style>
