<script lang="ts">
  import { typedRuns, type HouseStyle } from '@zealous-quill/core/house-style';
  import MathText from '../sheet/MathText.svelte';

  /** What somebody typed, with maths between $ signs. */
  let { text, style }: { text: string; style: HouseStyle } = $props();
</script>

<span class="typed"
  >{#each typedRuns(text, style) as run, at (at)}{#if run.isMaths}<span class="figures"
        ><MathText text={run.text} /></span
      >{:else}{run.text}{/if}{/each}</span
>

<style>
  .typed {
    white-space: pre-line;
  }
</style>
