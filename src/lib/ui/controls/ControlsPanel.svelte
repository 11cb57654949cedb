<script lang="ts">
  import type { Controls, SkillDescription } from '@zealous-quill/core/skills';
  import { withControl } from './choices';
  import FeatureSquares from './FeatureSquares.svelte';

  interface Props {
    skill: SkillDescription;
    controls: Controls;
    possible: Readonly<Record<string, readonly boolean[]>>;
    conflict?: readonly string[];
    onchange: (controls: Controls) => void;
  }

  let { skill, controls, possible, conflict = [], onchange }: Props = $props();
</script>

{#each skill.features as feature (feature.id)}
  <FeatureSquares
    {feature}
    control={controls[feature.id]}
    possible={possible[feature.id]}
    isInConflict={conflict.includes(feature.id)}
    onchange={(control) => onchange(withControl(controls, feature.id, control))}
  />
{/each}
