<script lang="ts">
  import type { Context, ContextProblem } from '@zealous-quill/core/catalogue';
  import Button from '../kit/Button.svelte';
  import Problem from '../kit/Problem.svelte';
  import PickField from './PickField.svelte';
  import StoryPart from './StoryPart.svelte';
  import { withFurther, withoutRelation, withQuantity, withRelation } from './context-edits';
  import { quantityWord, relationOf, relations } from './relations';

  type Story = Context['stories'][number];
  interface Props {
    context: Context;
    story: Story;
    /** Counted from 0. */
    at: number;
    problemsAt: (field: string) => readonly ContextProblem[];
    onchange: (story: Story | null) => void;
  }

  let { context, story, at, problemsAt, onchange }: Props = $props();

  const field = $derived(`stories/${at}`);
  const links = $derived(story.links.map(relationOf));
  const ids = $derived(Object.keys(story.parts));
  const groups = $derived(
    links.flatMap(({ relation, quantities }) =>
      relation.head === 'equal-groups' ? quantities.slice(0, 1) : []
    )
  );
  const NEW = '\n';
</script>

<section class="leaf" aria-label="Story {at + 1}">
  <div class="head">
    <h3>Story {at + 1}</h3>
    <Button kind="quiet" onclick={() => onchange(null)}
      >remove<span class="visually-hidden"> story {at + 1}</span></Button
    >
  </div>
  {#each problemsAt(field) as { says } (says)}<Problem>{says}</Problem>{/each}
  {#each links as { relation, quantities }, place (place)}
    <div class="relation">
      <span class="pick">
        <PickField
          label="Relation {place + 1} of story {at + 1}"
          value={relation.head}
          options={relations.map(({ head, title }) => [head, title])}
          onpick={(head) => onchange(withRelation(context, story, place, head))}
        />
      </span>
      {#if links.length === 1}
        <span class="faint">{relation.meaning}</span>
      {:else}
        {#each quantities as id, one (one)}
          <span class="quantity">
            <PickField
              label="{relation.roles[one]} of relation {place + 1} of story {at + 1}"
              value={id}
              options={[
                ...ids
                  .filter((other) => other === id || !quantities.includes(other))
                  .map((other) => [other, quantityWord(other)] as const),
                [NEW, 'a new one']
              ]}
              onpick={(picked) =>
                onchange(
                  withQuantity(context, story, {
                    ...{ link: place, place: one },
                    id: picked === NEW ? null : picked
                  })
                )}
            />
          </span>
        {/each}
        <Button kind="quiet" onclick={() => onchange(withoutRelation(context, story, place))}
          >remove<span class="visually-hidden"> relation {place + 1}</span></Button
        >
        <span class="faint small meaning">{relation.meaning}</span>
      {/if}
      {#each problemsAt(`${field}/links/${place}`) as { says } (says)}
        <Problem>{says}</Problem>
      {/each}
    </div>
  {/each}
  {#if links.length < 3}
    <Button kind="quiet" onclick={() => onchange(withFurther(context, story))}
      >a further step</Button
    >
  {/if}
  {#each Object.entries(story.parts) as [id, part] (id)}
    <StoryPart
      {id}
      {part}
      measures={Object.keys(context.measures)}
      problemsAt={(text) => problemsAt(`${field}/parts/${id}/${text}`)}
      isGroups={groups.includes(id)}
      onchange={(next) => onchange({ ...story, parts: { ...story.parts, [id]: next } })}
    />
  {/each}
</section>

<style>
  section {
    padding: var(--space-3) var(--space-4);
  }
  .head,
  .relation {
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-1) var(--space-2);
    align-items: center;
  }
  .head {
    justify-content: space-between;
  }
  .relation {
    margin-top: var(--space-1);
  }
  .pick {
    width: 14rem;
  }
  .quantity {
    width: 7.5rem;
  }
  .meaning {
    flex-basis: 100%;
  }
</style>
