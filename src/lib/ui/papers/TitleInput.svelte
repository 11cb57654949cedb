<script lang="ts">
  import { entered } from '../entered';

  interface Props {
    value: string;
    label: string;
    onchange: (value: string) => void;
  }

  let { value, label, onchange }: Props = $props();
</script>

<input
  class="bare"
  {value}
  aria-label={label}
  maxlength="120"
  required
  onchange={(event) => {
    const next = entered(event);
    // Nothing is called nothing.
    if (next.trim()) onchange(next);
    else event.currentTarget.value = value;
  }}
/>

<style>
  input {
    width: 100%;
    font-family: var(--font-serif);
    font-weight: 700;
    font-size: var(--text-2xl);
    padding: 0 var(--space-1);
    margin-left: calc(-1 * var(--space-1));
  }
  @media (max-width: 600px) {
    input {
      font-size: var(--text-lg);
    }
  }
</style>
