<script lang="ts">
  import { groupDigits } from '../format';

  let { value }: { value: bigint } = $props();

  const groups = $derived(groupDigits(value).split('\u202f'));
</script>

<!-- A very large number may break, but only between its groups. -->
{#each groups as group, at (at)}{at > 0 ? '\u202f' : ''}<wbr />{group}{/each}
