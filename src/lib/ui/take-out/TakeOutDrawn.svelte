<script lang="ts">
  import { writeNumeral, type HouseStyle } from '@zealous-quill/core/house-style';
  import type { ItemFacts } from '@zealous-quill/core/papers';
  import type { SkillDescription } from '@zealous-quill/core/catalogue';
  import Input from 'flowbite-svelte/Input.svelte';
  import { untrack } from 'svelte';
  import Problem from '$lib/ui/kit/Problem.svelte';
  import TakeOut from './TakeOut.svelte';

  interface Props {
    open: boolean;
    skill: SkillDescription;
    style: HouseStyle;
    seed: number;
    /** How many items there are to draw from. */
    population: bigint;
    draw: (count: number, seed: number) => Promise<readonly ItemFacts[]>;
  }

  let { open = $bindable(), skill, style, seed, population, draw }: Props = $props();

  const MOST = 1000;
  const LARGEST_SEED = 2 ** 32 - 1;
  const most = $derived(population < BigInt(MOST) ? Number(population) : MOST);

  let count = $state(untrack(() => Math.min(20, most)));
  let chosenSeed = $state(untrack(() => seed));
  let drawn = $state.raw<readonly ItemFacts[]>([]);

  const problem = $derived(
    !Number.isInteger(count) || count < 1 || count > most
      ? `From 1 to ${writeNumeral(String(most), style)} items.`
      : !Number.isInteger(chosenSeed) || chosenSeed < 0 || chosenSeed > LARGEST_SEED
        ? 'A seed is a whole number of at most ten digits.'
        : null
  );

  $effect(() => {
    const asked = { count, seed: chosenSeed };
    if (problem !== null) {
      drawn = [];
      return;
    }
    void draw(asked.count, asked.seed).then((items) => {
      if (asked.count === count && asked.seed === chosenSeed) drawn = items;
    });
  });
</script>

<TakeOut
  bind:open
  name={[skill.title, `seed ${chosenSeed}`]}
  items={drawn.map((facts) => ({ skill: skill.title, answerSign: skill.answerSign, facts }))}
  {style}
>
  <label>
    Items
    <Input
      type="number"
      min="1"
      max={most}
      bind:value={count}
      aria-describedby="take-out-problem"
      classes={{ input: 'w-20' }}
    />
  </label>
  <label title="The same seed gives the same items">
    Seed
    <Input
      type="number"
      min="0"
      max={LARGEST_SEED}
      bind:value={chosenSeed}
      aria-describedby="take-out-problem"
      classes={{ input: 'w-32' }}
    />
  </label>
  <Problem id="take-out-problem">{problem ?? ''}</Problem>
</TakeOut>

<style>
  label {
    display: flex;
    align-items: center;
    gap: var(--space-2);
  }
</style>
