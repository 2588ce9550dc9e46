<script lang="ts">
  import { outbox } from './api/outbox.svelte';
  import { p } from './router';
  import { reach } from './api/reach.svelte';

  interface Props {
    /** Milliseconds; null for a team that is not closed. */
    teamEndsAt: number | null;
  }

  const { teamEndsAt }: Props = $props();

  const waiting = $derived(outbox.waiting.length);
  /** What is thrown away cannot be brought back: it is asked twice. */
  let isSure = $state(false);

  function throwAway() {
    if (isSure) {
      void outbox.throwAwayParked();
    }
    isSure = !isSure;
  }
</script>

<div aria-live="polite">
  {#if reach.away}
    <p class="bg-ink px-5 py-2 text-[16px] text-paper">
      <strong>No network.</strong>
      {waiting === 0
        ? 'This is the last that was heard. Paint on: taps are kept here.'
        : `${waiting} ${waiting === 1 ? 'tap is' : 'taps are'} kept here and sent when the server is back. Paint on.`}
    </p>
  {/if}
  {#if teamEndsAt !== null}
    <p class="border-b-2 border-l-8 border-rust bg-paper px-5 py-2">
      This team is closed, and is deleted on {new Date(teamEndsAt).toLocaleDateString('en', {
        day: 'numeric',
        month: 'long',
      })}. Whoever answers for it can
      <a class="underline underline-offset-4" href={p('/team')}>keep it after all</a>.
    </p>
  {/if}
  {#if outbox.parked.length > 0}
    <div
      class="flex flex-wrap items-start gap-x-4 gap-y-2 border-b-2 border-l-8 border-rust bg-paper px-5 py-2"
    >
      <p class="grow basis-full sm:basis-0">
        <strong
          >{outbox.parked.length === 1 ? 'One tap' : `${outbox.parked.length} taps`} could not be sent and
          {outbox.parked.length === 1 ? 'is' : 'are'} kept here.</strong
        >
        {outbox.parked[0]?.parked}
      </p>
      <button type="button" class="key" onclick={() => void outbox.tryAgain()}>Try again</button>
      <button type="button" class="key" onclick={throwAway}
        >{isSure ? 'Yes, throw away' : 'Throw away'}</button
      >
    </div>
  {/if}
  {#if outbox.complaints.length > 0}
    <div class="flex items-start gap-4 border-b-2 border-l-8 border-rust bg-paper px-5 py-2">
      <ul class="grow">
        {#each outbox.complaints.slice(-3) as complaint (complaint.id)}
          <li>{complaint.message}</li>
        {/each}
      </ul>
      <button type="button" class="key" onclick={() => outbox.dismissComplaints()}>All right</button>
    </div>
  {/if}
</div>
