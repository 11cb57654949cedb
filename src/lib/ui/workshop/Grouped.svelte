<script lang="ts">
  import { writeNumeral, type HouseStyle } from '@zealous-quill/core/house-style';

  let { value, style }: { value: bigint; style: HouseStyle } = $props();

  // After each mark between groups; where the house writes none, before each three figures.
  const groups = $derived(
    writeNumeral(value.toString(), style).split(/(?<=[\u202f,])|(?=(?:\d{3})+$)/)
  );
</script>

<!-- A very large number may break, but only between its groups. -->
{#each groups as group, at (at)}<wbr />{group}{/each}
