<script lang="ts">
  import type { Controls, Features } from '@zealous-quill/core/skill';
  import type { SkillDescription } from '@zealous-quill/core/catalogue';
  import { featureWords } from './feature-words';

  interface Props {
    skill: Pick<SkillDescription, 'features'>;
    features: Features;
    /** Controls that fix a feature to one value make it not worth a word. */
    controls?: Controls;
  }

  let { skill, features, controls = {} }: Props = $props();

  const shown = $derived(featureWords(skill, features, controls));
</script>

<span class="chips">
  {#each shown as { id, text }, at (id)}{at > 0 ? ' · ' : ''}<span>{text}</span>{/each}
</span>

<style>
  .chips {
    flex: 1 0 100%;
    grid-column: 1 / -1;
    font-size: var(--text-xs);
    color: var(--faint);
    line-height: 1.3;
  }
  .chips span {
    white-space: nowrap;
  }
</style>
