<script lang="ts">
  import { segmentsOf } from '@zealous-quill/core/house-style';

  let { text }: { text: string } = $props();
</script>

{#each segmentsOf(text) as segment, at (at)}{#if 'text' in segment}{segment.text}{:else if 'dividend' in segment}<span
      class="visually-hidden">{segment.dividend} divided by {segment.divisor}</span
    ><span class="division" aria-hidden="true"
      ><span>{segment.divisor}</span><span class="under">{segment.dividend}</span></span
    >{:else}<span class="visually-hidden">{' '}{segment.numerator}/{segment.denominator}{' '}</span
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
  .division {
    white-space: nowrap;
  }
  .under {
    margin-left: 0.14em;
    padding: 0.06em 0.16em 0;
    border: 1.2px solid currentcolor;
    border-width: 1.2px 0 0 1.2px;
  }
</style>
