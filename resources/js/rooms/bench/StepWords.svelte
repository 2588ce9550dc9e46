<script lang="ts">
  import { onDestroy } from 'svelte';
  import Said from '../../ui/Said.svelte';
  import Understood from '../../steplines/Understood.svelte';
  import type { Bench, DraftStep } from './bench.svelte';

  interface Props {
    bench: Bench;
    step: DraftStep;
    /** Several lines were pasted at once. */
    onlist: (text: string) => void;
  }

  const { bench, step, onlist }: Props = $props();

  // The step may be another one by the time an answer comes: what is typed here belongs to the one it was typed for.
  // svelte-ignore state_referenced_locally
  const words = bench.wordsOf(step.id);
  /** The line is the step's own until somebody types in it, and again once what was typed is the step. */
  const line = $derived(words.isTyped ? words.typed.text : step.line);
  const reading = $derived(words.typed.text === line ? words.typed.lines[0] : undefined);

  onDestroy(() => void words.settle());

  function onkey(event: KeyboardEvent) {
    if (event.key === 'Escape') {
      words.drop();
    }
    if (event.key === 'Enter') {
      event.preventDefault();
      void words.settle();
    }
  }

  function onpaste(event: ClipboardEvent) {
    const text = event.clipboardData?.getData('text') ?? '';
    if (text.trim().includes('\n')) {
      event.preventDefault();
      onlist(text);
    }
  }

  async function choose(says: string) {
    words.type(says);
    await words.settle();
  }
</script>

<label class="block font-semibold">
  In one line
  <textarea
    class="mt-1 [field-sizing:content] field resize-none text-lg font-normal"
    rows="1"
    value={line}
    maxlength="4000"
    spellcheck="false"
    autocomplete="off"
    oninput={(event) => words.type(event.currentTarget.value)}
    onfocus={() => words.look(line)}
    onkeydown={onkey}
    onchange={() => words.settle()}
    {onpaste}></textarea>
</label>
<div class="mt-2" aria-live="polite">
  {#if reading !== undefined}<Understood line={reading} headed={false} {choose} />{/if}
  <Said message={words.typed.trouble} />
</div>
