<script lang="ts">
  import Said from '../../ui/Said.svelte';
  import type { Bench, DraftStep } from './bench.svelte';
  import { TypedLines } from './lines.svelte';
  import Understood from './Understood.svelte';

  interface Props {
    bench: Bench;
    step: DraftStep;
    /** Several lines were pasted at once. */
    onlist: (text: string) => void;
  }

  const { bench, step, onlist }: Props = $props();

  const typed = new TypedLines();
  /** The line is the step's own until somebody types in it, and again once what was typed is the step. */
  let typing = $state(false);
  const line = $derived(typing ? typed.text : step.line);
  const reading = $derived(typing ? typed.readings[0] : undefined);

  function oninput(event: Event & { currentTarget: HTMLInputElement }) {
    typing = true;
    typed.type(event.currentTarget.value);
  }

  /** What is understood becomes the step; what is not stays in the line, with its question. */
  async function settle() {
    if (!typing || !(await typed.read())) {
      return;
    }
    const read = typed.readings[0]?.step;
    if (read !== undefined && read !== null) {
      bench.setStep(step.id, { ...read, id: step.id });
      typing = false;
    } else if (typed.text.trim() === '') {
      typing = false;
    }
  }

  function onkey(event: KeyboardEvent) {
    if (event.key === 'Escape') {
      typing = false;
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

<label class="block font-semibold">
  In one line
  <input
    class="mt-1 field text-lg font-normal"
    value={line}
    maxlength="1000"
    spellcheck="false"
    autocomplete="off"
    {oninput}
    onkeydown={onkey}
    onchange={settle}
    {onpaste}
  />
</label>
<div class="mt-2" aria-live="polite">
  {#if reading !== undefined}<Understood {reading} />{/if}
  <Said message={typed.trouble} />
</div>
