<script lang="ts">
  import { openFeatures, type Controls } from '@zealous-quill/core/skill';
  import type { SkillDescription } from '@zealous-quill/core/catalogue';
  import { withControl } from './choices';
  import FeatureSquares from './FeatureSquares.svelte';
  import type { Possibilities } from './possibilities.svelte';
  import Refused from './Refused.svelte';

  interface Props {
    skill: SkillDescription;
    controls: Controls;
    /** Null until it can count. */
    possibilities: Possibilities | null;
    onchange: (controls: Controls) => void;
  }

  let { skill, controls, possibilities, onchange }: Props = $props();

  const refusal = $derived(possibilities?.refusal ?? null);
</script>

{#each openFeatures(skill.features, controls) as feature (feature.id)}
  <FeatureSquares
    {feature}
    control={controls[feature.id]}
    possible={possibilities?.possible[feature.id]}
    isInConflict={possibilities?.conflict?.conflict.includes(feature.id) ?? false}
    onchange={(control) => onchange(withControl(controls, feature.id, control))}
    onrefused={(choice) => void possibilities?.refuse(skill, controls, feature.id, choice)}
  >
    {#if refusal?.feature === feature.id}
      <Refused {skill} {refusal} {controls} onpick={onchange} />
    {/if}
  </FeatureSquares>
{/each}
