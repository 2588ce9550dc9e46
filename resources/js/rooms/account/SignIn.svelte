<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { api } from '../../api/client';
  import { outbox } from '../../api/outbox.svelte';
  import type { DemoSignIn, SessionState } from '../../api/types.gen';
  import Tape from '../../tape/Tape.svelte';
  import Entry from '../../ui/Entry.svelte';

  const { demo }: { demo: DemoSignIn | null } = $props();
  const queryClient = useQueryClient();
  let email = $state('');
  let password = $state('');
  let message = $state('');
  let busy = $state(false);

  async function signIn(event: SubmitEvent) {
    event.preventDefault();
    busy = true;
    message = '';
    try {
      const session = await api.post<SessionState>('session', { email, password });
      outbox.signInNeeded = false;
      queryClient.setQueryData(['session'], session);
      if (session.teamId !== null) {
        await outbox.open(session.teamId, queryClient);
      }
    } catch (error) {
      message = error instanceof Error ? error.message : String(error);
    } finally {
      busy = false;
    }
  }

  function useDemo() {
    email = demo?.email ?? '';
    password = demo?.password ?? '';
  }

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
    <form class="flex max-w-md flex-col gap-4" onsubmit={signIn}>
      {#if outbox.signInNeeded}
        <p class="border-l-8 border-rust pl-3">
          You were signed out. Sign in again and the taps kept here ({outbox.waiting.length}) are sent.
        </p>
      {/if}
      <Entry label="E-mail" type="email" autocomplete="username" bind:value={email} />
      <Entry label="Password" type="password" autocomplete="current-password" bind:value={password} />
      {#if message !== ''}
        <p class="border-l-8 border-rust pl-3" role="alert">{message}</p>
      {/if}
      <button type="submit" class="key min-h-14 text-lg key-ink" disabled={busy}>Sign in</button>
      {#if demo !== null}
        <p class="text-soft">
          This is the demo: {demo.email}, {demo.password}.
          <button type="button" class="min-h-11 text-ink underline underline-offset-4" onclick={useDemo}
            >Fill it in</button
          >
        </p>
      {/if}
    </form>
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
