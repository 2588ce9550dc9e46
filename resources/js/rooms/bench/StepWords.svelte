<script lang="ts">
  import Said from '../../ui/Said.svelte';
  import type { Bench, DraftStep } from './bench.svelte';
  import { TypedLines } from '../../steplines/lines.svelte';
  import Understood from '../../steplines/Understood.svelte';

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
  const reading = $derived(typed.text === line ? typed.readings[0] : undefined);

  function oninput(event: Event & { currentTarget: HTMLTextAreaElement }) {
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
    if (event.key === 'Enter') {
      event.preventDefault();
      void settle();
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
  <textarea
    class="mt-1 [field-sizing:content] field resize-none text-lg font-normal"
    rows="1"
    value={line}
    maxlength="1000"
    spellcheck="false"
    autocomplete="off"
    {oninput}
    onfocus={() => typed.type(line)}
    onkeydown={onkey}
    onchange={settle}
    {onpaste}></textarea>
</label>
<div class="mt-2" aria-live="polite">
  {#if reading !== undefined}<Understood {reading} />{/if}
  <Said message={typed.trouble} />
</div>
