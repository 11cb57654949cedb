<script lang="ts">
  import type { Way } from '@zealous-quill/core/skills';

  let { ways }: { ways: readonly Way[] } = $props();
</script>

{#if ways.length > 1}
  <h3>Ways of working it in the head</h3>
  <table class="plain-table">
    <thead>
      <tr
        ><th>Way</th><th class="number">Steps</th><th
          class="number"
          title="digits held at once, at the most">Held</th
        ></tr
      >
    </thead>
    <tbody>
      {#each ways as { title, steps, held, applies, isCheapest } (title)}
        <tr>
          <td>
            {title}
            {#if isCheapest}<strong>cheapest</strong>{/if}
            {#if !applies}<span class="faint">does not suit</span>{/if}
          </td>
          <td class="number">{steps}</td>
          <td class="number">{held}</td>
        </tr>
      {/each}
    </tbody>
  </table>
{/if}

<style>
  h3 {
    margin-top: 0.8rem;
  }
  strong {
    color: var(--right);
  }
</style>
