<script lang="ts">
  import { digitsOf, money } from '../../lib/money';
  import { teamCurrency } from '../../lib/session';
  import Sheet from '../../ui/Sheet.svelte';
  import AmountField from '../plan/money/AmountField.svelte';
  import { type CardAnswer, changeIn, likelyNotes, ScriptedCardReader } from './card-reader';
  import type { Chair } from './chair.svelte';

  let { chair, open = $bindable() }: { chair: Chair; open: boolean } = $props();

  const CARDS: Record<CardAnswer, string> = {
    approved: 'approved',
    declined: 'declined',
    'timed out': 'not answered',
  };
  const currency = teamCurrency();
  const priced = $derived(
    chair.line.board?.menu.find(({ designId }) => designId === chair.child?.designId)?.priceCents ?? null,
  );
  let typed = $state<number | null>(null);
  const due = $derived(typed ?? priced ?? 0);
  let given = $state<number | null>(null);
  let card = $state<'asking' | CardAnswer | ''>('');
  let script = $state<CardAnswer>('approved');
  let asking: AbortController | undefined;

  const reader = new ScriptedCardReader(() => script);
  const unit = $derived(10 ** digitsOf(currency()));
  const purse = $derived(
    [20, 10, 5, 2, 1, 0.5, 0.2, 0.1].map((coin) => Math.round(coin * unit)).filter((coin) => coin >= 1),
  );
  const change = $derived(given === null ? 0 : given - due);

  function paid(payment: 'cash' | 'card' | 'free') {
    chair.pay(payment === 'free' ? 0 : due, payment);
    close();
  }

  function close() {
    open = false;
    typed = null;
    given = null;
    card = '';
  }

  async function byCard() {
    card = 'asking';
    asking = new AbortController();
    card = await reader.take(due, asking.signal);
    if (card === 'approved') {
      paid('card');
    }
  }
</script>

<Sheet bind:open title="Pay {money(due, currency())}">
  <div class="grid gap-4 sm:grid-cols-2">
    <div>
      <AmountField
        label={priced === null ? 'Amount (none is on the menu)' : 'Another amount'}
        cents={typed}
        currency={currency()}
        keep={(cents) => (typed = cents)}
      />
      <h3 class="mt-4 text-2xl">Cash</h3>
      <div class="mt-1 flex flex-wrap gap-2">
        <button type="button" class="key min-h-14 key-ink" onclick={() => paid('cash')}>Paid exactly</button>
        {#each likelyNotes(due, unit) as note (note)}
          <button
            type="button"
            class={['key min-h-14', given === note && 'bg-brass']}
            aria-pressed={given === note}
            onclick={() => (given = note)}>{money(note, currency())}</button
          >
        {/each}
      </div>
      {#if given !== null && change >= 0}
        <p class="mt-3 text-xl" role="status">
          Back <strong class="minutes text-3xl">{money(change, currency())}</strong>
          <span class="block text-soft"
            >{changeIn(change, purse)
              .map(({ coin, many }) =>
                many === 1 ? money(coin, currency()) : `${many} × ${money(coin, currency())}`,
              )
              .join(' and ')}</span
          >
        </p>
        <button type="button" class="mt-2 key min-h-14 w-full text-lg key-ink" onclick={() => paid('cash')}
          >Given back, paid</button
        >
      {/if}
    </div>
    <div>
      <h3 class="text-2xl">Card</h3>
      {#if card === 'asking'}
        <p class="mt-2 text-xl" role="status">The reader is asking for {money(due, currency())} …</p>
        <button type="button" class="mt-2 key min-h-14" onclick={() => asking?.abort()}>Stop asking</button>
      {:else}
        <button
          type="button"
          class="mt-1 key min-h-14 w-full text-lg key-ink"
          disabled={due === 0}
          onclick={byCard}>Ask the reader</button
        >
        {#if card === 'declined' || card === 'timed out'}
          <p class="mt-2 font-semibold text-rust" role="status">
            {card === 'declined'
              ? 'The card was declined. Another card, or cash.'
              : 'The reader did not answer. Nothing was taken. Ask once more, or cash.'}
          </p>
        {/if}
      {/if}
      <fieldset class="mt-4">
        <legend class="text-[15px] text-soft"
          >No reader is joined: this one is a stand-in, and its card is</legend
        >
        <div class="mt-1 grid grid-cols-3 gap-1">
          {#each Object.entries(CARDS) as [answer, words] (answer)}
            <button
              type="button"
              class={['key px-1', script === answer && 'bg-brass']}
              aria-pressed={script === answer}
              onclick={() => (script = answer as CardAnswer)}>{words}</button
            >
          {/each}
        </div>
      </fieldset>
      <button type="button" class="mt-4 key min-h-14 w-full" onclick={() => paid('free')}
        >Nothing to pay</button
      >
    </div>
  </div>
</Sheet>
