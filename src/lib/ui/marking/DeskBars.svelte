<script lang="ts">
  import type { HouseStyle } from '@zealous-quill/core/house-style';
  import type { BarModel } from '@zealous-quill/core/bars';
  import Bars from '../bars/Bars.svelte';
  import type { MarkingDesk } from './desk.svelte';

  interface Props {
    desk: MarkingDesk;
    model: BarModel;
    style: HouseStyle;
  }

  let { desk, model, style }: Props = $props();

  /** What pupils write into bars are the results of their calculations: each is one square, wherever it is typed. */
  const fields = $derived(
    new Map(
      desk.worked.graph.steps.flatMap((step) =>
        step.quantity === undefined
          ? []
          : [
              [
                step.quantity,
                {
                  label: desk.worked.label(step, style),
                  value: desk.state.working[step.id] ?? '',
                  write: (text: string) => desk.write(step.id, text)
                }
              ] as const
            ]
      )
    )
  );
</script>

<Bars {model} {fields} />
