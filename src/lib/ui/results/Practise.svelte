<script lang="ts">
  import { enhance } from '$app/forms';
  import Button from '$lib/ui/kit/Button.svelte';
  import Stopper from '$lib/ui/kit/Stopper.svelte';
  import { Working } from '$lib/ui/kit/working.svelte';

  interface Props {
    skill: string;
    pattern?: string;
    /** What it is practice in or against, for those who hear it. */
    what: string;
    /** Scripts of those the practice is for; everyone if there are none. */
    picked: readonly number[];
  }

  let { skill, pattern, what, picked }: Props = $props();

  const working = new Working();
</script>

<form method="POST" action="?/practise" use:enhance={working.during}>
  <input type="hidden" name="skill" value={skill} />
  {#if pattern !== undefined}<input type="hidden" name="pattern" value={pattern} />{/if}
  {#each picked as script (script)}
    <input type="hidden" name="script" value={script} />
  {/each}
  <Button type="submit" kind="quiet">practice<span class="visually-hidden"> {what}</span></Button>
  <Stopper {working} words="Looking for items" />
</form>
