<script lang="ts">
  import { segmentsOf } from '@zealous-quill/core/house-style';

  let { text }: { text: string } = $props();
</script>

{#each segmentsOf(text) as segment, at (at)}{#if 'text' in segment}{segment.text}{:else}<span
      class="visually-hidden">{' '}{segment.numerator}/{segment.denominator}{' '}</span
    ><span class="fraction" aria-hidden="true"
      ><span>{segment.numerator}</span><span>{segment.denominator}</span></span
    >{/if}{/each}

<style>
  .fraction {
    display: inline-grid;
    justify-items: center;
    vertical-align: middle;
    margin: 0 0.14em;
    font-size: 0.74em;
    line-height: 1.08;
  }
  .fraction span {
    padding: 0 0.16em;
  }
  .fraction span + span {
    border-top: 1.2px solid currentcolor;
  }
</style>
