<script lang="ts">
  import type { PartKind, ReadLine } from '../api/types.gen';
  import { stretches } from './lines.svelte';

  const { reading }: { reading: ReadLine } = $props();

  const words: Record<PartKind, string> = {
    name: 'its name',
    medium: 'with',
    technique: 'how',
    tool: 'with',
    colour: 'colour',
    zone: 'where',
    side: 'side',
    guide: 'placed by',
    shape: 'shape',
    size: 'size',
    turn: 'turn',
    coats: 'coats',
    load: 'load',
    count: 'a side',
    small_count: 'small face',
    time: 'time',
    drying: 'dry below',
    shut: 'shut',
    optional: 'an extra',
    look: 'look',
    group: 'group',
    alternative: 'another way',
    stop: 'a stop',
    note: 'note',
    unread: 'to be asked',
  };

  /** Two of a kind look alike; neighbours of different kinds differ in colour and in stroke, so grey shows it too. */
  const strokes: Record<PartKind, string> = {
    name: 'border-ink border-solid',
    medium: 'border-kelp border-solid',
    tool: 'border-kelp border-dashed',
    technique: 'border-kelp border-dotted',
    colour: 'border-rust border-solid',
    zone: 'border-sea border-solid',
    side: 'border-sea border-dashed',
    guide: 'border-sea border-dotted',
    shape: 'border-ink border-dashed',
    size: 'border-ink border-dotted',
    turn: 'border-ink border-dotted',
    coats: 'border-[#6d6320] border-solid',
    load: 'border-[#6d6320] border-dashed',
    count: 'border-[#6d6320] border-dotted',
    small_count: 'border-[#6d6320] border-dotted',
    time: 'border-[#b0306f] border-solid',
    drying: 'border-[#8a7a5c] border-dotted',
    optional: 'border-[#5b3a86] border-solid',
    shut: 'border-[#b0306f] border-dashed',
    look: 'border-[#5b3a86] border-dashed',
    group: 'border-soft border-solid',
    alternative: 'border-[#5b3a86] border-dotted',
    stop: 'border-kelp border-double',
    note: 'border-soft border-dotted',
    unread: 'border-rust border-double',
  };
</script>

<p class="flex flex-wrap gap-x-1.5 gap-y-2 leading-tight">
  {#each stretches(reading) as { text, kind }, at (at)}
    {#if kind === null}
      {#if /[^\s,;]/.test(text)}<span class="text-soft">{text.trim()}</span>{/if}
    {:else}
      <span class="flex flex-col">
        <span class={['border-b-4 pb-0.5', strokes[kind], kind === 'unread' && 'font-bold text-rust']}
          >{text}</span
        >
        <span class="text-[13px] text-soft">{words[kind]}</span>
      </span>
    {/if}
  {/each}
</p>
{#each reading.questions as question (question)}
  <p class="mt-2 border-l-[6px] border-rust pl-3 font-semibold">{question}</p>
{/each}
