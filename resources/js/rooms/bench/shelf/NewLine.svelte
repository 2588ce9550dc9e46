<script lang="ts">
  import { onMount, tick } from 'svelte';
  import Understood from '../../../steplines/Understood.svelte';
  import { TypedList } from '../../../steplines/typed.svelte';
  import Said from '../../../ui/Said.svelte';
  import type { Bench } from '../bench.svelte';

  interface Props {
    bench: Bench;
    /** The step below which it goes; undefined for the first of a design. */
    after: string | undefined;
    /** Several lines were pasted at once, or are to be typed. */
    onlist: (text: string) => void;
    /** It was asked for in the middle, and is not wanted any more. */
    close?: () => void;
  }

  const { bench, after, onlist, close }: Props = $props();

  const typed = new TypedList(
    () => bench.draft.placement,
    () => bench.linesUpTo(after ?? ''),
    () => bench.draft.name,
  );
  const line = $derived(typed.lines[0]);

  async function add() {
    if (typed.isEmpty || !(await typed.read()) || typed.reading === null || typed.steps.length === 0) {
      return;
    }
    bench.addList(typed.reading, after);
    type('');
    close?.();
    // The next line is ready at the end, or where this one stood.
    await tick();
    document.getElementById(close === undefined ? 'new-line' : `step-${bench.selectedId}`)?.focus();
  }

  function type(text: string) {
    typed.type(text);
    // What is not added yet is not lost when the line goes to another place.
    bench.halfTyped = text;
  }

  onMount(() => typed.type(bench.halfTyped));

  function onkey(event: KeyboardEvent) {
    if (event.key === 'Enter') {
      event.preventDefault();
      void add();
    }
    if (event.key === 'Escape') {
      type('');
      close?.();
      document.getElementById(`step-${bench.selectedId}`)?.focus();
    }
    if (event.key === 'ArrowUp' && typed.isEmpty) {
      event.preventDefault();
      document.getElementById(`step-${after ?? ''}`)?.focus();
    }
  }

  function onpaste(event: ClipboardEvent) {
    const text = event.clipboardData?.getData('text') ?? '';
    if (text.trim().includes('\n')) {
      event.preventDefault();
      onlist(text);
    }
  }
</script>

<div class="mt-1 px-1 pl-6">
  <div class="flex gap-2">
    <input
      id="new-line"
      class="field min-w-0 grow border-dashed"
      aria-label="New line"
      placeholder="next step: round 2 white dots on the nose, 8s"
      maxlength="4000"
      spellcheck="false"
      autocomplete="off"
      value={typed.text}
      oninput={(event) => type(event.currentTarget.value)}
      onkeydown={onkey}
      {onpaste}
    />
    {#if typed.isEmpty}
      <button
        type="button"
        class="key px-3"
        aria-label="Type or paste lines"
        onclick={() => {
          bench.selectedId = after ?? bench.selectedId;
          onlist('');
        }}>Many</button
      >
    {:else}
      <button type="button" class="key px-3" aria-label="Add the step" onclick={add}>Add</button>
    {/if}
  </div>
  <div class="mt-1" aria-live="polite">
    {#if line !== undefined && !typed.isEmpty}<Understood {line} headed={false} choose={type} />{/if}
    <Said message={typed.trouble} />
  </div>
</div>
