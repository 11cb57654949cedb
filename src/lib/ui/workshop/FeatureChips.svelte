<script lang="ts">
  import type { Control, Controls, Features } from '@zealous-quill/core/skill';
  import type { SkillDescription } from '@zealous-quill/core/catalogue';

  import { signed, valueText } from '../controls/choices';

  interface Props {
    skill: Pick<SkillDescription, 'features'>;
    features: Features;
    /** Controls that fix a feature to one value make it not worth a word. */
    controls?: Controls;
  }

  let { skill, features, controls = {} }: Props = $props();

  /** Features that are absent (0, no) are not worth a word. */
  const isFixed = (control: Control | undefined, value: unknown) =>
    Array.isArray(control) ? control.length === 1 : control === value;

  const shown = $derived(
    skill.features.flatMap(({ id, title: named }) => {
      const value = features[id]!;
      const title = named.toLowerCase();
      if (
        value === 0 ||
        value === false ||
        isFixed(controls[id], value) ||
        typeof value === 'object'
      )
        return [];
      return [
        {
          id,
          text:
            value === true
              ? title
              : `${title} ${typeof value === 'number' ? signed(value) : valueText(value)}`
        }
      ];
    })
  );
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
