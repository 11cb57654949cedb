<script lang="ts">
  import { skillOf, suitability, type Operation } from '@zealous-quill/core/skills';

  let { operation, operands }: { operation: Operation; operands: readonly string[] } = $props();

  const found = $derived(suitability(operation, operands));
  const cheapest = $derived.by(() => {
    const costs = found.strategies.map(({ skill, held, steps }) =>
      skill === found.cheapest ? held * 1000 + steps : Infinity
    );
    return costs.indexOf(Math.min(...costs));
  });
  const school = (skill: string, id: string) => skillOf(skill).words.schools?.[id];
</script>

{#if found.strategies.length > 1}
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
      {#each found.strategies as { skill, school: id, applies, steps, held }, at (`${skill}/${id}`)}
        <tr>
          <td>
            {skillOf(skill).words.title}{school(skill, id)
              ? `: ${school(skill, id)?.toLowerCase()}`
              : ''}
            {#if at === cheapest}<strong>cheapest</strong>{/if}
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
