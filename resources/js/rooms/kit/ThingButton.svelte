<script lang="ts">
  import type { KitThing } from '../../api/types.gen';
  import ThingPicture from './ThingPicture.svelte';
  import { factsOf } from './words';

  interface Props {
    thing: KitThing;
    /** Whose own it is, in a letter or two; empty for the team's. */
    mark: string;
    /** Colour that a brush holds or keeps. */
    paint?: string | undefined;
    onpress: () => void;
  }

  const { thing, mark, paint, onpress }: Props = $props();

  const isOff = $derived(thing.howMany === 0);
</script>

<button
  type="button"
  class="group relative flex w-full flex-col items-center justify-start gap-1 rounded-lg p-1.5 text-center hover:bg-card"
  onclick={onpress}
>
  <span class={['relative', isOff && 'opacity-40 grayscale']}>
    <ThingPicture {thing} {...paint === undefined ? {} : { paint }} />
    {#if thing.howMany !== 1}
      <span aria-hidden="true" class="absolute -right-2 -bottom-1 rounded bg-paper px-1 minutes text-[17px]"
        >×{thing.howMany}</span
      >
    {/if}
    {#if mark !== ''}
      <span
        aria-hidden="true"
        class="absolute -bottom-1 -left-3 min-w-6 rounded-full border-2 border-ink bg-field px-1 text-center text-[13px] leading-5 font-bold"
        >{mark}</span
      >
    {/if}
    {#if thing.flags.length > 0}
      <svg class="absolute -top-1 -left-2" width="26" height="24" viewBox="0 0 26 24" aria-hidden="true">
        <path
          d="M13 1.500 25 22.500H1z"
          fill="#f5c53b"
          stroke="#1b2630"
          stroke-width="2"
          stroke-linejoin="round"
        />
        <path d="M13 9v6M13 18.500v.5" stroke="#1b2630" stroke-width="2.600" stroke-linecap="round" />
      </svg>
    {/if}
  </span>
  <span class="max-w-32 leading-tight font-semibold group-hover:underline">{thing.name}</span>
  <span class="max-w-32 text-[14px] leading-tight text-soft">{factsOf(thing)}</span>
  <span class="sr-only"
    >{mark === '' ? '' : `marked ${mark}, `}{thing.howMany} there{thing.flags.length > 0
      ? ', needs a look'
      : ''}</span
  >
</button>
