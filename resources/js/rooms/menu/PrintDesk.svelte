<script lang="ts">
  import { boardWords } from '../../api/tables.gen';
  import type { MenuSheet } from '../../api/types.gen';
  import { p } from '../../router';
  import BagCards from './BagCards.svelte';
  import BoardPages from './BoardPages.svelte';
  import { boardLayout, type Paper, PAPERS, sizeOf, TWO_METRES_MM } from './sheets';
  import TableCards from './TableCards.svelte';
  import Choice from '../../ui/Choice.svelte';

  const { sheet }: { sheet: MenuSheet } = $props();

  const KINDS = [
    { value: 'board', words: 'Board with pictures' },
    { value: 'point', words: 'Pictures to point at' },
    { value: 'plain', words: 'Plain, in large letters' },
    { value: 'table', words: 'Cards to stand up' },
    { value: 'bag', words: 'Cards for the bag' },
  ] as const;
  type Kind = (typeof KINDS)[number]['value'];
  type Language = keyof typeof boardWords;
  const LANGUAGES: readonly { value: Language; words: string }[] = [
    { value: 'en', words: 'English' },
    { value: 'de', words: 'Deutsch' },
    { value: 'fr', words: 'Français' },
    { value: 'es', words: 'Español' },
  ];
  const papers = Object.keys(PAPERS) as Paper[];

  let kind: Kind = $state('board');
  let paper: Paper = $state('A4');
  let lies = $state(false);
  let pages = $state(1);
  let language: Language = $state('en');
  let width = $state(1000);
  const size = $derived(sizeOf(paper, lies));
  const longest = $derived(
    Math.max(4, ...sheet.offers.flatMap(({ name }) => name.split(/\s+/).map((word) => word.length))),
  );
  const layout = $derived(boardLayout(size, sheet.offers.length, pages, longest));
  const isBoard = $derived(kind === 'board' || kind === 'point' || kind === 'plain');
  const words = $derived(boardWords[language]);
  /** What is seen is what is printed: the same pages, only smaller where the screen is. */
  const zoom = $derived(Math.min(1, (width - 4) / ((size.width / 25.4) * 96)));

  $effect(() => {
    const rule = new CSSStyleSheet();
    rule.replaceSync(`@page { size: ${size.width}mm ${size.height}mm; margin: 0; }`);
    document.adoptedStyleSheets = [...document.adoptedStyleSheets, rule];

    return () => {
      document.adoptedStyleSheets = document.adoptedStyleSheets.filter((one) => one !== rule);
    };
  });
</script>

<div class="flex grow flex-col px-3 py-4 sm:px-8 print:p-0">
  <div class="flex flex-wrap items-end gap-3 pb-3 print:hidden">
    <h1 class="w-full text-3xl">
      <a
        class="text-soft underline decoration-2 underline-offset-4 hover:text-ink"
        href={p('/menu/:id', { params: { id: sheet.id } })}>{sheet.name}</a
      >
      <span class="ml-2">Board and cards</span>
    </h1>
    <Choice class="w-auto" label="What" bind:value={kind} options={KINDS} />
    <Choice
      class="w-auto"
      label="Paper"
      bind:value={paper}
      options={papers.map((value) => ({ value, words: value }))}
    />
    <Choice
      class="w-auto"
      label="Orientation"
      bind:value={lies}
      options={[
        { value: false, words: 'upright' },
        { value: true, words: 'lying' },
      ]}
    />
    {#if isBoard}
      <Choice
        class="w-auto"
        label="Pages"
        bind:value={pages}
        options={[
          { value: 1, words: 'on one page' },
          { value: 2, words: 'on two pages' },
        ]}
      />
    {/if}
    <Choice class="w-auto" label="Language" bind:value={language} options={LANGUAGES} />
    <button type="button" class="key key-ink" onclick={() => print()}>Print</button>
    {#if isBoard && kind !== 'point'}
      <p class="w-full text-soft" role="status">
        Capitals of the names stand {layout.capitalMm.toFixed(1)} mm high; {layout.capitalMm >= TWO_METRES_MM
          ? 'they are read at two metres.'
          : `at two metres ${TWO_METRES_MM} mm are read with ease: take larger paper, or two pages.`}
      </p>
    {:else if kind === 'bag'}
      <p class="w-full text-soft">
        One inch of tape is a minute: print at 100 %, without fitting to the page.
      </p>
    {/if}
  </div>
  <div class="min-w-0" bind:clientWidth={width}>
    <div class="papers" style:--zoom={zoom} lang={language}>
      {#if kind === 'bag'}
        <BagCards offers={sheet.offers} {size} />
      {:else if kind === 'table'}
        <TableCards offers={sheet.offers} {size} {words} />
      {:else}
        <BoardPages offers={sheet.offers} {layout} {words} {kind} />
      {/if}
    </div>
  </div>
</div>
