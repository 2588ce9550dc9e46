<script lang="ts">
  import type { SessionState } from '../../../api/types.gen';
  import { outbox } from '../../../api/outbox.svelte';
  import Tape from '../../../tape/Tape.svelte';
  import Forgotten from './Forgotten.svelte';
  import Found from './Found.svelte';
  import WithPassword from './WithPassword.svelte';

  const { session }: { session: SessionState } = $props();

  let way = $state<'in' | 'forgotten' | 'found'>('in');

  const minute = 60_000;
</script>

<main class="flex min-h-dvh flex-col justify-center overflow-hidden">
  <div class="mx-auto grid w-full max-w-5xl gap-12 p-6 md:grid-cols-2 md:items-center">
    <div>
      <h1 class="text-6xl font-extrabold tracking-tight">Inch Timer</h1>
      <p class="mt-4 max-w-sm text-xl">
        One minute is one inch. Every face is a length of tape, and the line moves on.
      </p>
    </div>
    <div class="flex max-w-md flex-col gap-4">
      {#if outbox.signInNeeded}
        <p class="border-l-8 border-rust pl-3">
          You were signed out. Sign in again and the taps kept here ({outbox.waiting.length}) are sent.
        </p>
      {/if}
      {#if way === 'in'}
        <WithPassword demo={session.demo} />
        <p class="flex flex-wrap gap-x-6">
          <button type="button" class="key-word" onclick={() => (way = 'forgotten')}
            >Password forgotten</button
          >
          {#if session.isOpen && !outbox.signInNeeded}
            <button type="button" class="key-word" onclick={() => (way = 'found')}>A team of your own</button>
          {/if}
        </p>
      {:else}
        {#if way === 'forgotten'}<Forgotten />{:else}<Found />{/if}
        <button type="button" class="key-word self-start" onclick={() => (way = 'in')}
          >Back to signing in</button
        >
      {/if}
    </div>
  </div>
  <div class="mt-6" aria-hidden="true">
    <Tape
      label="A tape"
      words="none"
      pixelsPerMinute={96}
      to={22 * minute}
      hook={3.3 * minute}
      pieces={[
        { id: 'a', kind: 'sponge', start: 0, length: 1.1 * minute },
        { id: 'b', kind: 'changeover', start: 1.1 * minute, length: 0.12 * minute },
        { id: 'c', kind: 'stencil', start: 1.22 * minute, length: 0.5 * minute },
        { id: 'd', kind: 'drying', start: 1.72 * minute, length: 0.3 * minute },
        { id: 'e', kind: 'brush', start: 2.02 * minute, length: 1.6 * minute },
        { id: 'f', kind: 'changeover', start: 3.62 * minute, length: 0.12 * minute },
        { id: 'g', kind: 'glitter', start: 3.74 * minute, length: 0.4 * minute },
        { id: 'h', kind: 'gem', start: 4.14 * minute, length: 0.2 * minute },
      ]}
    />
  </div>
</main>
