<script lang="ts">
  import { onDestroy, tick } from 'svelte';
  import Understood from '../../../steplines/Understood.svelte';
  import Said from '../../../ui/Said.svelte';
  import Sheet from '../../../ui/Sheet.svelte';
  import type { Bench } from '../bench.svelte';
  import type { DraftStep } from '../draft';
  import StepActs from './StepActs.svelte';
  import StepForm from './StepForm.svelte';
  import StepSaid from './StepSaid.svelte';

  interface Props {
    bench: Bench;
    step: DraftStep;
    /** Several lines were pasted at once. */
    onlist: (text: string) => void;
    /** Says which step it is, where no list does. */
    named?: boolean;
    remove?: () => void;
  }

  const { bench, step, onlist, named = false, remove = () => bench.removeStep(step.id) }: Props = $props();

  // The step may be another one by the time an answer comes: what is typed here belongs to the one it was typed for.
  // svelte-ignore state_referenced_locally
  const words = bench.wordsOf(step.id);
  /** The line is the step's own until somebody types in it, and again once what was typed is the step. */
  const line = $derived(words.isTyped ? words.typed.text : step.line);
  const reading = $derived(words.typed.text === line ? words.typed.lines[0] : undefined);
  const index = $derived(bench.draft.steps.findIndex((one) => one.id === step.id));
  let isWhole = $state(false);

  let within: HTMLElement | undefined = $state();

  onDestroy(() => void words.settle());

  // What is said of the line grows while one types: it stays in sight with all its keys.
  $effect(() => {
    if (reading !== undefined) {
      void tick().then(() => within?.closest('[data-step]')?.scrollIntoView({ block: 'nearest' }));
    }
  });

  function onkey(event: KeyboardEvent) {
    if (event.key === 'Escape') {
      words.drop();
      document.getElementById(`step-${step.id}`)?.focus();
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

{#if named}<h2 class="text-xl">{index + 1} {step.name}</h2>{/if}
<textarea
  class="[field-sizing:content] field resize-none leading-snug"
  aria-label="In one line"
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
<div class="mt-1" aria-live="polite" bind:this={within}>
  {#if reading !== undefined}<Understood line={reading} headed={false} {choose} />{/if}
  <Said message={words.typed.trouble} />
</div>
<StepSaid {bench} {step} />
<StepActs {bench} {step} {index} {remove} open={() => (isWhole = true)} />
<Sheet bind:open={isWhole} title="Step {index + 1}, all of it" wide>
  <StepForm {bench} {step} />
</Sheet>
