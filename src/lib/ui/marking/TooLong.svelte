<script lang="ts">
  import { tooLongWords } from '@zealous-quill/core/marking';
  import { stepOf } from '@zealous-quill/core/working';
  import type { HouseStyle } from '@zealous-quill/core/house-style';
  import Problem from '$lib/ui/kit/Problem.svelte';
  import type { MarkingDesk } from './desk.svelte';

  interface Props {
    desk: MarkingDesk;
    style: HouseStyle;
    /** Steps at which more is written than can be read. */
    steps: readonly string[];
  }

  let { desk, style, steps }: Props = $props();
</script>

{#each steps as id (id)}
  <Problem>{desk.worked.label(stepOf(desk.worked.graph, id), style)}: {tooLongWords}.</Problem>
{/each}
