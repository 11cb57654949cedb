<script lang="ts">
  import Select from 'flowbite-svelte/Select.svelte';
  import { rungKinds, rungWords, type Rung } from '@zealous-quill/core/papers';
  import type { ListedSkill } from '@zealous-quill/core/catalogue';
  import { untrack } from 'svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import SkillPicker from '../skills/SkillPicker.svelte';

  interface Props {
    skills: readonly ListedSkill[];
    /** The skill that is offered first. */
    usual: string;
    onadd: (kind: Rung['kind'], skill: string) => Promise<void>;
  }

  let { skills, usual, onadd }: Props = $props();

  let kind = $state<Rung['kind']>('bare');
  let skill = $state(untrack(() => usual));
</script>

<div class="add">
  <SkillPicker {skills} value={skill} label="Skill of the new rung" onpick={(id) => (skill = id)} />
  <Select placeholder="" bind:value={kind} aria-label="Kind of the new rung">
    {#each rungKinds as one (one)}<option value={one}>{rungWords[one].title}</option>{/each}
  </Select>
  <Button onclick={() => onadd(kind, skill)}>Add rung</Button>
</div>

<p class="faint small">
  A rung is one step of the ladder: items of one kind, all under the same controls.
</p>

<style>
  .add {
    display: flex;
    flex-wrap: wrap;
    align-items: flex-end;
    gap: var(--space-2);
  }
</style>
