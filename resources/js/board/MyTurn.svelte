<script lang="ts">
  import type { PublicLine } from '../api/types.gen';
  import TextMe from './TextMe.svelte';
  import { turnOf } from './turn';
  import type { Watched } from './watched.svelte';
  import type { BoardLanguage, BoardWords } from './words';

  interface Props {
    watched: Watched;
    line: PublicLine;
    words: BoardWords;
    language: BoardLanguage;
    time: (at: number) => string;
  }

  const { watched, line, words, language, time }: Props = $props();

  // Remembered on this phone alone: nobody is told which number is whose. A code that was scanned says it behind the "#".
  const key = `inch-timer.number.${location.pathname}`;
  const scanned = /^#(\d{1,5})(?:-([0-9a-z]{3}))?$/iu.exec(location.hash);
  let number = $state(Number(scanned?.[1] ?? localStorage.getItem(key) ?? 0));
  let typed = $state<number | null>(null);

  function remember(value: number) {
    number = value;
    localStorage.setItem(key, String(value));
  }

  $effect(() => {
    if (number > 0) {
      localStorage.setItem(key, String(number));
    }
  });

  const turn = $derived(turnOf(line, number, words, watched.moment, time));
</script>

{#if number > 0}
  <section class={['rounded-xl border-4 border-ink p-4', turn.isNow && 'bg-brass']} aria-live="polite">
    <p class="text-lg">{words.yourNumber} <strong class="minutes text-5xl">{number}</strong></p>
    <p class="mt-1 font-display text-3xl leading-tight font-bold">{turn.big}</p>
    {#if turn.small !== ''}<p class="mt-1 text-xl">{turn.small}</p>{/if}
    {#if line.waiting.some((child) => child.number === number)}<TextMe
        {number}
        {words}
        {language}
        scanned={number === Number(scanned?.[1]) ? (scanned?.[2] ?? '') : ''}
      />{/if}
    <button type="button" class="mt-3 key" onclick={() => remember(0)}>{words.other}</button>
  </section>
{:else}
  <form
    class="flex items-end gap-3"
    onsubmit={(event) => {
      event.preventDefault();
      remember(typed ?? 0);
    }}
  >
    <label class="grow text-lg font-semibold">
      {words.yourNumber}
      <input class="mt-1 field text-2xl font-normal" type="number" min="1" max="99999" bind:value={typed} />
    </label>
    <button type="submit" class="key min-h-12 key-ink">{words.see}</button>
  </form>
{/if}
