<script lang="ts">
  import type { FindingShown, Severity } from '../../../api/types.gen';
  import { minutes } from '../../../lib/minutes';
  import type { Ways } from '../../account/ways/ways.svelte';
  import type { Bench } from '../bench.svelte';
  import RestsOn from './RestsOn.svelte';

  const { bench, finding, ways }: { bench: Bench; finding: FindingShown; ways: Ways } = $props();

  const edges: Record<Severity, string> = { stop: 'border-rust', warn: 'border-brass', tip: 'border-kelp' };
  const words: Record<Severity, string> = { stop: 'Stop', warn: 'Look out', tip: 'Quicker' };
  /** What the app itself keeps true cannot be silenced, only unpinned or untyped. */
  const OWN = ['pin', 'typed-drying', 'typed-wait', 'act', 'picture'];
  let resting = $state(false);
  let silencing = $state(false);
  let reason = $state('');

  function silence(event: SubmitEvent) {
    event.preventDefault();
    bench.silence(finding.rule, finding.title, reason.trim());
  }

  function show() {
    bench.point(finding.steps);
  }
</script>

<div
  class={['border-l-[6px] pl-3 leading-snug', edges[finding.severity]]}
  role="group"
  aria-label={finding.title}
  onpointerenter={() => (bench.hinted = finding.steps)}
  onpointerleave={() => (bench.hinted = [])}
  onfocusin={() => (bench.hinted = finding.steps)}
  onfocusout={() => (bench.hinted = [])}
>
  <button type="button" class="text-left font-semibold underline-offset-4 hover:underline" onclick={show}>
    {words[finding.severity]}: {finding.title}
    {#if finding.costMs >= 1000}<span class="minutes font-normal text-soft">
        {minutes(finding.costMs)}</span
      >{/if}
  </button>
  <p class="text-[15.5px]">{finding.says}</p>
  {#if finding.school !== ''}<p class="text-[14px] text-soft">Your way: {finding.school}.</p>{/if}
  <div class="mt-1.5 flex flex-wrap items-center gap-x-3">
    {#if finding.fix !== null}
      {@const { fix } = finding}
      <button type="button" class="key px-3 py-0.5 text-left text-[15.5px]" onclick={() => bench.apply(fix)}
        >{fix.label}</button
      >
    {/if}
    {#if finding.evidence.length > 0}
      <button
        type="button"
        class="min-h-11 text-[15px] underline underline-offset-4"
        aria-expanded={resting}
        onclick={() => (resting = !resting)}>What it rests on</button
      >
    {/if}
    {#if !OWN.includes(finding.rule) && !silencing}
      <button
        type="button"
        class="min-h-11 text-[15px] underline underline-offset-4"
        onclick={() => (silencing = true)}>Not here</button
      >
    {/if}
  </div>
  {#if resting}<RestsOn evidence={finding.evidence} {ways} />{/if}
  {#if silencing}
    <form class="mt-1 flex flex-wrap items-end gap-2" onsubmit={silence}>
      <label class="min-w-0 grow text-[15px]">
        Why it does not hold for this design
        <!-- svelte-ignore a11y_autofocus (it was asked for by the press just before) -->
        <input class="mt-0.5 field" required maxlength="120" bind:value={reason} autofocus />
      </label>
      <button type="submit" class="key px-3">Silence it</button>
      <button type="button" class="key px-3" onclick={() => (silencing = false)}>Leave it</button>
    </form>
  {/if}
</div>
