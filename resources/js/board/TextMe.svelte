<script lang="ts">
  import type { BoardLanguage, BoardWords } from './words';

  interface Props {
    number: number;
    words: BoardWords;
    language: BoardLanguage;
    /** The slip code, where a picture code was scanned that holds it. */
    scanned: string;
  }

  const { number, words, language, scanned }: Props = $props();

  // Which phone was typed is remembered on this phone alone, to take it back.
  const key = $derived(`inch-timer.texts.${location.pathname}.${number}`);
  let phone = $derived(localStorage.getItem(key) ?? '');
  const codeKey = $derived(`inch-timer.slip.${location.pathname}.${number}`);
  let slipCode = $derived(scanned || (localStorage.getItem(codeKey) ?? ''));
  let typed = $state('');
  let failed = $state(false);

  async function ask(method: 'POST' | 'DELETE', wanted: string) {
    const answer = await fetch(`${location.pathname}/texts`, {
      method,
      credentials: 'omit',
      headers: { Accept: 'application/json', 'Content-Type': 'application/json' },
      body: JSON.stringify({ number, slipCode: slipCode.trim(), phone: wanted, language }),
    }).catch(() => undefined);
    failed = answer?.ok !== true;
    if (!failed) {
      phone = method === 'POST' ? wanted : '';
      localStorage.setItem(key, phone);
      localStorage.setItem(codeKey, slipCode);
    }
  }
</script>

{#if phone !== ''}
  <p class="mt-3 text-lg">✓ {words.texting}</p>
  <button type="button" class="mt-2 key" onclick={() => ask('DELETE', phone)}>{words.noTexts}</button>
{:else}
  <form
    class="mt-3 flex flex-wrap items-end gap-3"
    onsubmit={(event) => {
      event.preventDefault();
      void ask('POST', typed);
    }}
  >
    {#if scanned === ''}
      <label class="w-44 text-lg font-semibold">
        {words.slipCode}
        <input
          class="mt-1 field text-2xl font-normal uppercase"
          autocomplete="off"
          autocapitalize="characters"
          required
          minlength="3"
          maxlength="3"
          bind:value={slipCode}
        />
      </label>
    {/if}
    <label class="min-w-0 grow text-lg font-semibold">
      {words.phone}
      <input
        class="mt-1 field text-2xl font-normal"
        type="tel"
        autocomplete="tel"
        required
        maxlength="40"
        bind:value={typed}
      />
    </label>
    <button type="submit" class="key min-h-12 shrink-0">{words.textMe}</button>
  </form>
{/if}
{#if failed}<p class="mt-2 text-lg font-semibold text-rust" role="alert">{words.textsNot}</p>{/if}
