<script lang="ts">
  import type { EvidenceShown, TradeNumber } from '../../../api/types.gen';
  import Said from '../../../ui/Said.svelte';
  import type { Ways } from '../../account/ways/ways.svelte';

  const { evidence, ways }: { evidence: readonly EvidenceShown[]; ways: Ways } = $props();

  let setting = $state<TradeNumber | null>(null);
  const number = $derived(ways.sheet?.numbers.find((one) => one.number === setting) ?? null);
  let typed = $state('');

  async function ask(which: TradeNumber) {
    if (ways.sheet === null) await ways.load();
    setting = which;
    typed = String(number?.value ?? '');
  }

  async function set(value: number | null) {
    if (setting !== null && (await ways.setNumber(setting, value))) setting = null;
  }

  function submit(event: SubmitEvent) {
    event.preventDefault();
    void set(Number(typed.replace(',', '.')));
  }
</script>

<dl class="mt-1 grid grid-cols-[1fr_auto] text-[14.5px] leading-snug">
  {#each evidence as one (one.label)}
    <dt class="border-t border-seam py-1">{one.label}</dt>
    <dd class="border-t border-seam py-1 text-right">
      <strong class="minutes">{one.value}</strong>
      <span class="block text-[13.5px] text-soft">{one.source}</span>
      {#if one.number !== null}
        {@const which = one.number}
        <button
          type="button"
          class="min-h-11 text-[14px] underline underline-offset-4"
          onclick={() => ask(which)}>Set it</button
        >
      {/if}
    </dd>
  {/each}
</dl>
{#if number !== null}
  <form class="mt-1 flex flex-wrap items-end gap-2" onsubmit={submit}>
    <label class="min-w-0 grow text-[14.5px]"
      >{number.label}{number.isSeconds ? ', in seconds' : ''}
      <!-- svelte-ignore a11y_autofocus (it was asked for by the press just before) -->
      <input class="mt-0.5 field w-28 minutes" inputmode="decimal" required bind:value={typed} autofocus />
    </label>
    <button type="submit" class="key px-3" disabled={ways.form.busy}>Go by it</button>
    <button type="button" class="key px-3" disabled={ways.form.busy} onclick={() => set(null)}
      >Starting value, {number.start}</button
    >
  </form>
  <Said message={ways.form.general} />
{/if}
