<script lang="ts">
  import Input from 'flowbite-svelte/Input.svelte';
  import { enhance } from '$app/forms';
  import Problem from '$lib/ui/kit/Problem.svelte';
  import Stopper from '$lib/ui/kit/Stopper.svelte';
  import { Working } from '$lib/ui/kit/working.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import { isOfShortItems, type Control, type Controls } from '@zealous-quill/core/skill';
  import { goto } from '$app/navigation';
  import { onMount } from 'svelte';
  import ControlsPanel from '$lib/ui/controls/ControlsPanel.svelte';
  import { controlText } from '$lib/ui/controls/choices';
  import { Possibilities } from '$lib/ui/controls/possibilities.svelte';
  import SkillPicker from '$lib/ui/skills/SkillPicker.svelte';
  import CountLine from '$lib/ui/workshop/CountLine.svelte';
  import ItemBench from '$lib/ui/workshop/ItemBench.svelte';
  import SampleList from '$lib/ui/workshop/SampleList.svelte';
  import { Workbench } from '$lib/ui/workshop/workbench.svelte';
  import { startBench, type RemoteBench } from '$lib/workers/bench';

  let { data } = $props();

  const starting = new Working();

  const skill = $derived(data.skill);
  let typed = $state('');
  /** What was asked last, until the page has it: squares may be pressed faster than it follows. */
  let ahead = $state.raw<Controls | null>(null);
  const pressed = $derived(ahead ?? data.controls);
  let bench = $state.raw<RemoteBench | null>(null);
  let possibilities = $state<Possibilities | null>(null);
  let workbench = $state.raw<Workbench | null>(null);

  /** The sample and the view of this skill: those of the one before are no use. */
  const sample = $derived(workbench?.sample?.skill === skill.id ? workbench.sample.items : []);
  const shown = $derived(workbench?.shown?.skill === skill.id ? workbench.shown : null);
  const isTyped = $derived(typed.trim() !== '');
  const chosen = $derived(data.line ?? sample[0]?.line ?? null);
  const isUnreadable = $derived(isTyped && shown?.line === typed && shown.view === null);

  onMount(() => {
    const benches = [startBench(), startBench()];
    bench = benches[0]!.bench;
    possibilities = new Possibilities(bench, benches[1]!.bench);
    workbench = new Workbench(bench);
    return () => benches.forEach(({ end }) => end());
  });

  $effect(() => {
    void possibilities?.ask(skill, data.controls);
  });
  $effect(() => {
    void workbench?.draw(skill.id, data.controls, data.seed);
  });
  $effect(() => {
    const line = isTyped ? typed : chosen;
    const asked = { skill: skill.id, school: data.school, style: data.style };
    if (line !== null) void workbench?.show(asked, line);
  });
  $effect(() => {
    void skill.id;
    typed = '';
    ahead = null;
  });

  function visit(change: { controls?: Controls; seed?: number; line?: string | null }) {
    const controls = change.controls ?? pressed;
    ahead = controls;
    const query = new URLSearchParams({
      controls: JSON.stringify(controls),
      seed: String(change.seed ?? data.seed)
    });
    if (change.line) query.set('item', change.line);
    typed = '';
    void goto(`?${query}`, { replaceState: true, keepFocus: true, noScroll: true }).then(() => {
      if (ahead === controls) ahead = null;
    });
  }

  const isEmpty = $derived(possibilities?.count === 0n);
  const asked = $derived(
    skill.features
      .filter(({ id }) => data.controls[id] !== undefined)
      .map(({ id, title }) => `${title.toLowerCase()} ${controlText(data.controls[id]!)}`)
      .join(', ')
  );
  let isTakingOut = $state(false);

  const another = () => visit({ seed: (data.seed % (2 ** 32 - 1)) + 1 });

  function keys(event: KeyboardEvent) {
    if ((event.target as HTMLElement).matches('input, textarea, select')) return;
    if (event.key.toLowerCase() === 'n' && !event.ctrlKey && !event.metaKey && !event.altKey)
      another();
  }

  const change = (name: string, control: Control) =>
    visit({ controls: { ...pressed, [name]: control } });
</script>

<svelte:head><title>{skill.title} · Workshop · Zealous Quill</title></svelte:head>
<svelte:window onkeydown={keys} />

<div class="bench">
  <section class="controls" aria-label="Controls">
    <SkillPicker
      skills={data.skills}
      value={skill.id}
      label="Skill"
      onpick={(id) => goto(`/workshop/${id}`)}
    />
    <ControlsPanel
      {skill}
      controls={pressed}
      {possibilities}
      onchange={(controls) => visit({ controls })}
    />
    <p class="small"><a class="quiet-link" href="/workshop/ways">Ways of working a sum</a></p>
    <p class="faint small hint">Press one square for a value, a second for a range.</p>
  </section>

  <div class="middle">
    <h1>{skill.title}</h1>
    <CountLine
      {skill}
      style={data.style}
      controls={data.controls}
      count={possibilities?.count ?? null}
      usable={possibilities?.usable ?? null}
      conflict={possibilities?.conflict ?? null}
      isCounting={possibilities?.isCounting ?? true}
      isTooHard={possibilities?.isTooHard ?? false}
      onchange={change}
    />
    <form method="POST" action="/papers?/start" class="start" use:enhance={starting.during}>
      <input type="hidden" name="skill" value={skill.id} />
      <input type="hidden" name="controls" value={JSON.stringify(data.controls)} />
      <input type="hidden" name="kept" value={JSON.stringify(data.isAsked ? data.controls : {})} />
      <Button
        type="submit"
        kind="main"
        name="with"
        value="ladder"
        disabled={isEmpty || starting.isBusy}
      >
        Start a practice ladder
      </Button>
      <Button type="submit" name="with" value="controls" disabled={isEmpty || starting.isBusy}
        >Start a paper</Button
      >
      {#if isOfShortItems(skill)}<Button
          kind="quiet"
          href="/workshop/{skill.id}/quick?controls={encodeURIComponent(
            JSON.stringify(data.controls)
          )}">quick practice</Button
        >{/if}
      <Stopper working={starting} words="Drawing" />
      {#if starting.problem}<Problem isUrgent>{starting.problem}</Problem>{/if}
      <p class="faint small">
        {#if data.isAsked && asked.length > 0}
          Every rung keeps {asked}; what is left at any rises.
        {:else}
          The ladder rises as the skill is taught; controls you choose here hold in all of it.
        {/if}
      </p>
    </form>
    <SampleList
      {skill}
      {sample}
      controls={data.controls}
      style={data.style}
      chosen={shown?.view?.line ?? null}
      onchoose={(line) => visit({ line })}
      onmore={another}
      ontakeout={() => (isTakingOut = true)}
    />
    <div class="own">
      <label>
        <span>Or type one of your own</span>
        <Input
          class="figures"
          bind:value={typed}
          placeholder={skill.example}
          aria-invalid={isUnreadable}
          aria-describedby="typed-problem"
        />
      </label>
      <Problem id="typed-problem">
        {#if isUnreadable}{skill.howToType}{/if}
      </Problem>
    </div>
  </div>

  <div class="right">
    {#if shown?.view}
      <ItemBench
        {skill}
        view={shown.view}
        style={data.style}
        strategiesOf={async (sum) => (await bench?.ways(sum, data.style)) ?? []}
      />
    {:else}
      <p class="leaf nothing faint">Choose or type an item to see it worked.</p>
    {/if}
  </div>
</div>

{#if isTakingOut && possibilities?.count}
  {#await import('$lib/ui/take-out/TakeOutDrawn.svelte') then { default: TakeOutDrawn }}
    <TakeOutDrawn
      bind:open={isTakingOut}
      {skill}
      style={data.style}
      seed={data.seed}
      population={possibilities.count}
      draw={async (count, seed) =>
        (await bench?.sample(skill.id, data.controls, count, seed)) ?? []}
    />
  {/await}
{/if}

<style>
  .bench {
    display: grid;
    grid-template-columns: 17.4rem minmax(0, 1fr) 21.5rem;
    gap: var(--space-5);
    align-items: start;
  }
  .hint {
    padding-top: var(--space-2);
  }
  h1 {
    margin-bottom: var(--space-2);
  }
  .own {
    margin-top: var(--space-4);
  }
  .start {
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-2);
    margin-top: var(--space-1);
  }
  .nothing {
    padding: var(--space-5) var(--space-4);
    text-align: center;
  }
  @media (max-width: 1150px) {
    .bench {
      grid-template-columns: 17.4rem minmax(0, 1fr);
    }
    .right {
      grid-column: 2;
    }
  }
  @media (max-width: 700px) {
    .bench {
      grid-template-columns: minmax(0, 1fr);
    }
    .right {
      grid-column: 1;
    }
    /* The skill first, then what there is of it, then the controls. */
    .bench {
      row-gap: var(--space-2);
    }
    .controls {
      display: contents;
    }
    .controls > :global(.picker) {
      order: -2;
    }
    .middle {
      order: -1;
    }
  }
</style>
