<script lang="ts">
  import type { FullAutoFill, HTMLInputTypeAttribute } from 'svelte/elements';
  import Said from './Said.svelte';

  interface Props {
    label: string;
    type?: HTMLInputTypeAttribute;
    autocomplete?: FullAutoFill;
    maxlength?: number;
    optional?: boolean;
    value: string;
    /** What is wrong with it. */
    message?: string | undefined;
  }

  let {
    label,
    type = 'text',
    autocomplete,
    maxlength,
    optional = false,
    value = $bindable(),
    message,
  }: Props = $props();
</script>

<div>
  <label class="font-semibold">
    {label}
    <input class="mt-1 field font-normal" {type} {autocomplete} {maxlength} required={!optional} bind:value />
  </label>
  <Said {message} />
</div>
