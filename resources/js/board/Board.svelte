<script lang="ts">
  import { onDestroy } from 'svelte';
  import DesignPicture from '../facemap/DesignPicture.svelte';
  import { lookOf } from '../facemap/looks';
  import { clockTime } from '../lib/minutes';
  import { Push } from '../lib/push.svelte';
  import Patterns from '../tape/Patterns.svelte';
  import { lineWords } from '../api/tables.gen';
  import MyTurn from './MyTurn.svelte';
  import { Watched } from './watched.svelte';
  import { type BoardLanguage, boardLanguages, filled, languageFor } from './words';

  const watched = new Watched(location.pathname, {
    fetch: (path) => fetch(path, { cache: 'no-cache', credentials: 'omit' }),
    now: () => Date.now(),
    isOnline: () => navigator.onLine,
    push: (channel, heard) => new Push(channel, heard),
  });
  watched.begin();
  onDestroy(() => watched.end());

  let language = $state<BoardLanguage>(languageFor(navigator.languages));
  const words = $derived(lineWords[language]);
  const line = $derived(watched.line);
  const time = (at: number) => clockTime(at, line?.timezone ?? 'UTC');
  const picture = (design: string) => watched.pictures.find(({ key }) => key === design);

  $effect(() => {
    document.documentElement.lang = language;
  });
</script>

<Patterns />
{#if watched.isGone}
  <p class="p-8 text-3xl">This board is over. Ask at the chairs.</p>
{:else if line === undefined}
  <p class="p-8 text-3xl" role="status">…</p>
{:else}
  <main class="flex min-h-dvh flex-col gap-4 px-4 py-3 lg:px-10 lg:py-4">
    <header class="flex flex-wrap items-baseline gap-x-6 gap-y-1 border-b-4 border-ink pb-2">
      <h1 class="grow text-3xl lg:text-6xl">{line.place}</h1>
      <p class={['text-xl font-bold lg:text-4xl', !line.isOpen && 'text-rust']}>
        {line.isOpen ? (line.takesNames ? words.open : words.full) : words.closed}
      </p>
      <p class="minutes text-3xl lg:text-6xl">{time(watched.moment)}</p>
      <select class="min-h-11 bg-transparent text-base text-soft" aria-label="Language" bind:value={language}>
        {#each boardLanguages as one (one)}<option value={one}>{one}</option>{/each}
      </select>
    </header>

    {#if watched.isOld}
      <p class="bg-brass px-4 py-2 text-xl" role="status">{filled(words.old, { time: time(line.now) })}</p>
    {/if}

    <div class="lg:hidden"><MyTurn {watched} {line} {words} {language} {time} /></div>

    <div class="grid grow content-start gap-x-10 gap-y-4 lg:grid-cols-[2fr_3fr]">
      <section>
        <h2 class="text-2xl text-soft lg:text-3xl">{words.painting}</h2>
        <ul>
          {#each line.painting as seat (seat.chair)}
            <li class="flex items-baseline gap-4 border-t-2 border-seam py-1">
              <span class="minutes text-5xl lg:text-[110px] lg:leading-none">{seat.number}</span>
              <span class="min-w-0 text-xl lg:text-3xl"
                >{#if seat.firstName !== null}<strong class="block truncate">{seat.firstName}</strong
                  >{/if}{seat.design}</span
              >
            </li>
          {/each}
        </ul>
      </section>
      <section>
        <h2 class="text-2xl text-soft lg:text-3xl">{words.next}</h2>
        {#if line.waiting.length === 0}<p class="text-2xl">{words.nobody}</p>{/if}
        <ol>
          {#each line.waiting.slice(0, 6) as child (child.number)}
            <li
              class={[
                'flex items-baseline gap-4 border-t-2 border-seam py-1',
                child.called && 'bg-brass px-2',
              ]}
            >
              <span class="w-[2.2ch] minutes text-4xl lg:text-6xl">{child.number}</span>
              <span class="min-w-0 grow truncate text-xl lg:text-3xl"
                ><strong>{child.firstName ?? ''}</strong> {child.design}</span
              >
              <span class="shrink-0 text-xl lg:text-3xl"
                >{child.called ? words.called : filled(words.about, { time: time(child.callAbout) })}</span
              >
            </li>
          {/each}
        </ol>
        {#if line.takesNames}
          <p class="mt-2 text-lg text-soft lg:text-2xl">
            {filled(words.newName, { time: time(line.nextNameCalledAt) })}
          </p>
        {/if}
      </section>
    </div>

    <section aria-label={words.menu}>
      <ul class="grid grid-cols-3 gap-2 sm:grid-cols-4 lg:grid-cols-8">
        {#each line.menu as offer (offer.key)}
          {@const drawn = picture(offer.key)}
          <li class={['text-center', offer.soldOut && 'opacity-50']}>
            <span class="mx-auto block h-24 w-20 lg:h-32 lg:w-28">
              {#if drawn !== undefined}
                <DesignPicture
                  photo={drawn.photo}
                  title={offer.name}
                  placement={drawn.placement}
                  steps={drawn.steps}
                  look={lookOf(offer.key)}
                  readOut={false}
                />
              {/if}
            </span>
            <span class="block text-base leading-tight font-bold lg:text-lg">{offer.name}</span>
            {#if offer.soldOut}<span class="block text-rust">{words.soldOut}</span>{/if}
          </li>
        {/each}
      </ul>
    </section>
  </main>
{/if}
