<script lang="ts">
  import Said from '../ui/Said.svelte';
  import ListTape from './ListTape.svelte';
  import type { TypedList } from './typed.svelte';
  import Understood from './Understood.svelte';

  const { typed }: { typed: TypedList } = $props();

  /** No design is longer, and nobody looks at more. */
  const MOST_SHOWN = 150;

  /** The number of the first step of each line. */
  const numbers = $derived.by(() => {
    let next = 1;

    return typed.lines.map((line) => {
      const first = next;
      next += line.steps.length;

      return first;
    });
  });
  const example =
    'half sponge, deep blue, across the cheek, 12s\ncurls on top, white, round 3\nthe other side too';
</script>

<div class="grid gap-x-7 gap-y-4 md:grid-cols-[1fr_1.1fr]">
  <label class="block font-semibold">
    Type or paste it as you say it
    <textarea
      class="mt-1 field min-h-56 font-normal"
      spellcheck="false"
      placeholder={example}
      value={typed.text}
      oninput={(event) => typed.type(event.currentTarget.value)}></textarea>
  </label>
  <div class="min-w-0"><ListTape {typed} /></div>
</div>
<Said message={typed.trouble} />
<p class="sr-only" role="status">
  {typed.reading === null
    ? ''
    : `${typed.steps.length} steps, ${typed.questions} ${typed.questions === 1 ? 'question' : 'questions'}.`}
</p>
{#if typed.lines.length > 0}
  <dl
    class="mt-4 flex flex-wrap gap-x-5 gap-y-1 border-t-2 border-ink pt-2 text-[15px]"
    aria-label="What the marks mean"
  >
    <div class="flex gap-1.5">
      <dt class="border-b-4 border-kelp">words</dt>
      <dd>read</dd>
    </div>
    <div class="flex gap-1.5">
      <dt class="font-bold">words</dt>
      <dd>your own: they name the step</dd>
    </div>
    <div class="flex gap-1.5">
      <dt class="font-display font-bold text-kelp">≈</dt>
      <dd>assumed, tap to change</dd>
    </div>
    <div class="flex gap-1.5">
      <dt class="font-display font-bold text-rust">?</dt>
      <dd>one tap decides</dd>
    </div>
  </dl>
  <ol class="mt-2">
    {#each typed.lines.slice(0, MOST_SHOWN) as line, at (line.number)}
      <li class="border-t border-seam py-2.5">
        <Understood
          {line}
          from={numbers[at] ?? 1}
          above={typed.lines.slice(0, at).findLast((one) => one.steps.length > 0)}
          choose={(says) => void typed.choose(line, says)}
        />
      </li>
    {/each}
  </ol>
  {#if typed.lines.length > MOST_SHOWN}
    <p class="border-t border-seam py-2.5 text-soft">
      and {typed.lines.length - MOST_SHOWN} more lines, read as well
    </p>
  {/if}
{/if}
