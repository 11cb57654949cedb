<script lang="ts">
  import { deserialize } from '$app/forms';
  import { invalidateAll } from '$app/navigation';
  import Notice from '../kit/Notice.svelte';
  import type { Told } from '../kit/told';

  interface Removed {
    readonly bin: number;
    readonly title: string;
  }

  /** What has just been moved into the bin. */
  let { removed }: { removed: Removed | null | undefined } = $props();

  let told = $state<Told | null>(null);
  let last = 0;

  $effect(() => {
    if (!removed || removed.bin === last) return;
    const { bin, title } = removed;
    last = bin;
    told = { text: `${title} is in the bin.`, undo: () => bringBack(bin) };
  });

  async function bringBack(bin: number) {
    const body = new FormData();
    body.set('id', String(bin));
    const reply = await fetch('/records/bin?/restore', {
      method: 'POST',
      headers: { 'x-sveltekit-action': 'true' },
      body
    }).catch(() => null);
    const answer = reply && deserialize(await reply.text());
    if (answer?.type === 'success') await invalidateAll();
    else {
      const problem = answer?.type === 'failure' ? String(answer.data?.['problem']) : null;
      told = { text: problem ?? 'The server does not answer. It is in the bin.', undo: null };
    }
  }
</script>

<Notice bind:told />
