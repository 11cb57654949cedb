<script lang="ts">
  interface Props {
    value: number | undefined;
    min: number;
    max: number;
    /** Nothing may be typed: there is no bound. */
    isOpen?: boolean;
    label?: string;
    onchange: (value: number | undefined) => void;
  }

  let { value, min, max, isOpen = false, label, onchange }: Props = $props();
</script>

<input
  type="number"
  {min}
  {max}
  value={value ?? ''}
  aria-label={label}
  onchange={(event) => {
    const typed = event.currentTarget.value.trim();
    const number = typed === '' ? undefined : Number(typed);
    if (number === undefined ? isOpen : number >= min && number <= max) onchange(number);
    // What cannot be is not taken, and what was stands again.
    else event.currentTarget.value = String(value ?? '');
  }}
/>

<style>
  input {
    width: 3.6em;
    padding: 0 var(--space-1);
    text-align: right;
    font-variant-numeric: tabular-nums;
  }
</style>
