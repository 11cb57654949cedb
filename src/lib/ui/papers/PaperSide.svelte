<script lang="ts">
  import type { HouseStyle } from '@zealous-quill/core/house-style';
  import type { SkillDescription } from '@zealous-quill/core/catalogue';
  import TabItem from 'flowbite-svelte/TabItem.svelte';
  import Tabs from 'flowbite-svelte/Tabs.svelte';
  import PageView from './PageView.svelte';
  import type { PaperEditor } from './paper-editor.svelte';
  import RampChart from './RampChart.svelte';
  import Reveals from './Reveals.svelte';

  interface Props {
    editor: PaperEditor;
    descriptions: Readonly<Record<string, SkillDescription>>;
    paperId: number;
    style: HouseStyle;
    isFrozen: boolean;
  }

  let { editor, descriptions, paperId, style, isFrozen }: Props = $props();

  const skills = $derived(
    [...new Set(editor.paper.rungs.map(({ skill }) => skill))].flatMap(
      (id) => descriptions[id] ?? []
    )
  );
</script>

<div class="side">
  <Tabs tabStyle="underline">
    <TabItem open title="Printed page">
      <PageView
        {paperId}
        version={editor.draft.version}
        title={editor.paper.title}
        section={editor.edited}
      />
    </TabItem>
    <TabItem title="Ramp">
      <RampChart {editor} {style} {isFrozen} />
    </TabItem>
    <TabItem title="Errors it reveals">
      <Reveals outline={editor.outline} {skills} />
    </TabItem>
  </Tabs>
</div>
