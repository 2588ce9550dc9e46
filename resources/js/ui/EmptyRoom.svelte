<script lang="ts">
  import type { Snippet } from 'svelte';

  interface Props {
    room: 'kit' | 'designs' | 'menu' | 'events' | 'logbook';
    /** What the room is for. */
    words: Snippet;
    /** The one thing to do first. */
    act?: Snippet;
  }

  const { room, words, act }: Props = $props();
</script>

<div class="flex max-w-2xl flex-col gap-4 py-2 sm:flex-row sm:items-center sm:gap-8">
  <svg
    viewBox="0 0 120 90"
    class="h-32 w-44 shrink-0 sm:h-40 sm:w-52"
    aria-hidden="true"
    fill="none"
    stroke="currentColor"
    stroke-width="2.5"
    stroke-linejoin="round"
    stroke-linecap="round"
  >
    {#if room === 'kit'}
      <path d="M38 34 30 6M52 34V4M66 34l7-26" stroke-width="4" />
      <path d="M28 10l-2-8 6 3zM49 6l3-6 3 6zM71 12l5-8 1 8z" fill="#2c4a8e" />
      <path d="M20 34h64l-6 46H26z" fill="#efe7d8" />
      <path d="M20 34h64M34 52h36v14H34z" />
      <circle cx="99" cy="70" r="11" fill="#b23f14" />
      <circle cx="99" cy="70" r="5" fill="#f5c53b" />
    {:else if room === 'designs'}
      <path d="M8 40h34v22H8z" fill="url(#tape-sponge)" /><path
        d="M48 40h26v22H48z"
        fill="url(#tape-brush)"
      /><path d="M80 40h16v22H80z" fill="url(#tape-glitter)" />
      <path d="M6 62h108v16H6zM6 62v9M33 62v6M60 62v9M87 62v6" fill="#f5c53b" />
      <path d="M112 8 84 28l-6 9 10-3z" fill="#2c4a8e" />
    {:else if room === 'menu'}
      <path d="M16 8h88v66H16z" fill="#efe7d8" />
      <circle cx="36" cy="28" r="11" fill="#f0c9a4" /><path d="M30 31c3 4 9 4 12 0" stroke="#2c4a8e" />
      <circle cx="36" cy="56" r="11" fill="#8a5a3c" /><path d="M30 53l6-5 6 5" stroke="#f5c53b" />
      <path d="M56 24h30v8H56zM56 52h40v8H56z" fill="#f5c53b" stroke-width="1.8" />
      <path d="M60 74 52 88M62 74l8 14" />
    {:else if room === 'events'}
      <path d="M6 32 34 10l28 22v6H6zM12 38v44M56 38v44" fill="#f5c53b" />
      <path d="M34 10V2l10 3-10 3" fill="#b23f14" />
      {#each [72, 88, 104] as x, at (x)}
        <circle cx={x} cy={56 + at * 2} r="6" fill={['#2c4a8e', '#1d7267', '#b23f14'][at]} />
        <path d="M{x} {63 + at * 2}v13" stroke-width="5" />
      {/each}
      <path d="M2 84h116" />
    {:else}
      <path
        d="M60 20C46 10 24 10 10 16v58c14-6 36-6 50 4 14-10 36-10 50-4V16C96 10 74 10 60 20v58"
        fill="#fffdf7"
      />
      <path d="M18 28h28M18 40h20M18 52h30M72 28h28M72 40h34M72 52h18" stroke-width="6" stroke="#f5c53b" />
      <path d="M18 28h18M18 40h12M18 52h24M72 28h14M72 40h20M72 52h10" stroke-width="6" stroke="#2c4a8e" />
    {/if}
  </svg>
  <div>
    <p class="text-xl">{@render words()}</p>
    {#if act !== undefined}<div class="mt-3">{@render act()}</div>{/if}
  </div>
</div>
