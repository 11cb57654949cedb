<script lang="ts">
  import Button from 'flowbite-svelte/Button.svelte';
  import type { ButtonProps } from 'flowbite-svelte/types';
  import type { Snippet } from 'svelte';
  import type { HTMLButtonAttributes } from 'svelte/elements';

  type Attributes = Omit<HTMLButtonAttributes, 'class' | 'children'>;
  interface Props extends Attributes {
    /** Where it leads, for one that is a link. */
    href?: string;
    download?: boolean;
    class?: string;
    children: Snippet;
    /** The one act of a view, any other, an act within a line of text, or one square among squares. */
    kind?: keyof typeof kinds;
  }

  let { kind = 'side', class: more, children, ...rest }: Props = $props();

  const boxed = 'px-3 py-1 text-base border border-accent disabled:opacity-45';
  const kinds = {
    main: `${boxed} bg-accent text-on-accent font-bold hover:opacity-90`,
    side: `${boxed} bg-leaf text-accent enabled:hover:bg-accent-soft`,
    quiet:
      'p-0 text-base text-accent underline decoration-1 underline-offset-3 disabled:opacity-45 disabled:no-underline',
    square:
      'min-w-8 h-7 px-1.5 py-0 text-sm font-sans border border-rule bg-leaf text-ink not-aria-pressed:enabled:hover:bg-accent-soft disabled:opacity-45 aria-pressed:bg-ink aria-pressed:text-paper aria-pressed:border-ink'
  } as const;
</script>

<Button {...rest as ButtonProps} class={[kinds[kind], more]}>
  {@render children?.()}
</Button>
