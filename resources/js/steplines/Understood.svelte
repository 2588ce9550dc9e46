<script lang="ts">
  import type { ReadLine } from '../api/types.gen';
  import { minutes } from '../lib/minutes';
  import Assumed from './Assumed.svelte';
  import { partNames, partStrokes } from './parts';
  import { stretches } from './typed.svelte';

  interface Props {
    line: ReadLine;
    /** Step numbers begin here. */
    from?: number;
    /** The line above, whose assumptions need not be explained again. */
    above?: ReadLine | undefined;
    /** A lone line needs no head that says what it makes. */
    headed?: boolean;
    choose: (says: string) => void;
  }

  const { line, from = 1, above, headed = true, choose }: Props = $props();

  const said = {
    heading: 'a heading',
    header: 'names of columns',
    placement: 'where it is painted',
  } as const;
</script>

{#if line.kind === 'heading' || line.kind === 'header' || line.kind === 'placement'}
  <p class="font-display text-lg font-bold">
    {line.text.trim()} <span class="font-sans text-[14px] font-normal text-soft">{said[line.kind]}</span>
  </p>
{:else}
  {#if headed}
    {#each line.steps as { step }, at (at)}
      <p class="flex items-baseline gap-2 leading-tight">
        <span class="w-6 shrink-0 text-right minutes text-soft">{from + at}</span>
        <strong class="grow text-lg">{step.name}</strong>
        <span class={['minutes text-lg', step.timeSource === 'work' && 'text-soft']}
          >{step.timeSource === 'work' ? '≈ ' : ''}{minutes(step.timeMs)}</span
        >
      </p>
    {:else}
      <p class="pl-8 text-soft">kept as a note of the step beside it</p>
    {/each}
  {/if}
  <div class={headed ? 'pl-8' : ''}>
    <p class="flex flex-wrap gap-x-1.5 gap-y-1.5 leading-tight">
      {#each stretches(line) as { text, kind }, at (at)}
        {#if kind === null}
          {#if /[^\s,;.:()*•–—-]/.test(text)}<span class="text-soft"
              >{text.replace(/^[\s,;.:]+/, '').trim()}</span
            >{/if}
        {:else}
          <span class="flex flex-col">
            <span class={['border-b-4 pb-0.5', partStrokes[kind]]}>{text.trim()}</span>
            <span class="text-[13px] text-soft">{partNames[kind]}</span>
          </span>
        {/if}
      {/each}
    </p>
    {#if line.question !== null}
      {@const question = line.question}
      <div
        class="mt-2 flex flex-wrap items-center gap-2 border-l-[6px] border-rust pl-3"
        role="group"
        aria-label={question.asks}
      >
        <span class="font-semibold"
          ><span aria-hidden="true" class="mr-1 font-display text-xl font-bold text-rust">?</span
          >{question.asks}</span
        >
        {#each question.choices as choice, at (at)}
          <button
            type="button"
            class={['key', at === 0 && 'border-dashed']}
            onclick={() => choose(choice.text)}
            >{choice.label}{#if at === 0}<span class="font-normal text-soft">meanwhile</span>{/if}</button
          >
        {/each}
      </div>
    {/if}
    {#each line.steps as { assumed }, at (at)}
      {#if assumed.length > 0}<Assumed
          {assumed}
          above={(line.steps[at - 1] ?? above?.steps.at(-1))?.assumed ?? []}
          {choose}
        />{/if}
    {/each}
  </div>
{/if}
