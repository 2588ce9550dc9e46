<script lang="ts">
  import type { AssumedPart } from '../api/types.gen';
  import { partNames } from './parts';

  interface Props {
    assumed: AssumedPart[];
    /** What the line above assumed too: its reason need not be read again. */
    above?: AssumedPart[];
    choose: (says: string) => void;
  }

  const { assumed, above = [], choose }: Props = $props();

  const id = $props.id();
  /** Whose other choices lie open. */
  let opened = $state<number | null>(null);
  const isAbove = (part: AssumedPart) => above.some((one) => one.of === part.of && one.value === part.value);
  const open = $derived(opened === null ? undefined : assumed[opened]);
</script>

<ul class="mt-1.5 flex flex-wrap gap-x-1 gap-y-0.5">
  {#each assumed as part, at (at)}
    <li class="flex">
      <button
        type="button"
        class="flex min-h-11 items-center gap-1.5 rounded-lg px-2 text-left leading-tight hover:bg-card disabled:cursor-default"
        disabled={part.choices.length === 0}
        aria-expanded={part.choices.length === 0 ? undefined : opened === at}
        aria-controls={part.choices.length === 0 ? undefined : `${id}-choices`}
        onclick={() => (opened = opened === at ? null : at)}
      >
        <span aria-hidden="true" class="font-display text-xl leading-none font-bold text-kelp">≈</span>
        <span
          ><span class="sr-only">Assumed, {partNames[part.of]}: </span><span
            class={part.choices.length > 0 ? 'border-b-2 border-dashed border-kelp' : ''}>{part.value}</span
          >
          <span class={isAbove(part) ? 'sr-only' : 'text-[14px] text-soft'}>{part.because}</span></span
        >
      </button>
    </li>
  {/each}
</ul>
<div id="{id}-choices">
  {#if open !== undefined}
    <div
      class="mb-2 flex flex-wrap items-center gap-1.5 pl-2"
      role="group"
      aria-label="Instead of {open.value}"
    >
      <span class="text-soft">instead:</span>
      {#each open.choices as choice (choice.label)}
        <button
          type="button"
          class="key px-3"
          onclick={() => {
            opened = null;
            choose(choice.text);
          }}>{choice.label}</button
        >
      {/each}
    </div>
  {/if}
</div>
