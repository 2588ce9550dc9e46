<script lang="ts">
  import { api, Refusal } from '../../../api/client';
  import type { PinShown } from '../../../api/types.gen';
  import Said from '../../../ui/Said.svelte';
  import type { Bench } from '../bench.svelte';
  import { pinWords } from './pins';

  const { bench }: { bench: Bench } = $props();

  let line = $state('');
  let said = $state('');
  const nameOf = (id: string) => bench.draft.steps.find((step) => step.id === id)?.name ?? '';

  async function add(event: SubmitEvent) {
    event.preventDefault();
    said = '';
    try {
      bench.pin(await api.post<PinShown>(`designs/${bench.sheet.id}/pin-lines`, { line }));
      line = '';
    } catch (error) {
      said =
        error instanceof Refusal
          ? (error.fields['line']?.[0] ?? error.message)
          : 'The server is out of reach. Try again in a moment.';
    }
  }
</script>

<section class="mt-6" aria-label="Pins">
  <h2 class="text-xl">Pins</h2>
  <ul class="mt-1 flex flex-col">
    {#each bench.draft.pins as pin (pin)}
      <li class="flex items-center gap-2">
        <svg width="14" height="20" viewBox="0 0 14 20" class="shrink-0" aria-hidden="true">
          <circle cx="7" cy="5" r="4" fill="#b23f14" stroke="#1b2630" stroke-width="1.5" />
          <path d="M7 9v9" stroke="#1b2630" stroke-width="2" />
        </svg>
        <span class="grow leading-tight">{pinWords(pin, nameOf)}</span>
        <button
          type="button"
          class="min-h-11 px-1 text-[15px] underline underline-offset-4"
          aria-label="Take out: {pinWords(pin, nameOf)}"
          onclick={() => bench.unpin(pin)}>Take out</button
        >
      </li>
    {/each}
  </ul>
  <form class="mt-1 flex gap-2" onsubmit={add}>
    <label class="min-w-0 grow">
      <span class="sr-only">What you want of the order</span>
      <input class="field" placeholder="foam before outline" maxlength="300" required bind:value={line} />
    </label>
    <button type="submit" class="key px-3">Pin</button>
  </form>
  <Said message={said} />
  <p class="mt-1 text-[14px] leading-snug text-soft">
    Or “whiskers and dots together”, “base first”, “dots while flower is wet”.
    <span class="hidden lg:inline">Or drag a step’s pin onto the one it must come before.</span>
  </p>
</section>
