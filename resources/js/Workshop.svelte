<script lang="ts">
  import { createQuery, useQueryClient } from '@tanstack/svelte-query';
  import { Router } from 'sv-router';
  import { api } from './api/client';
  import { outbox } from './api/outbox.svelte';
  import { passwordAgain } from './api/password-again.svelte';
  import { reach } from './api/reach.svelte';
  import Header from './Header.svelte';
  import { provideSession, whoIsIn } from './lib/session';
  import Notices from './Notices.svelte';
  import { sendUnsaved } from './rooms/bench/unsaved';
  import { navigate, route } from './router';
  import Loading from './ui/Loading.svelte';
  import Trouble from './ui/Trouble.svelte';

  const ASK_AGAIN_MS = 4_000;
  const queryClient = useQueryClient();
  const session = createQuery(whoIsIn);
  /** Of an invitation that was opened; whoever opens one need not be in any team yet. */
  const token = $derived(/^\/join\/(\w+)$/u.exec(route.pathname)?.[1]);
  const renewal = $derived(/^\/new-password\/(\w+)$/u.exec(route.pathname)?.[1]);
  const readdressing = $derived(/^\/new-email\/([\w-]+)$/u.exec(route.pathname)?.[1]);
  const teamId = $derived(session.data?.teamId ?? null);

  $effect(() => {
    if (teamId !== null) {
      void outbox.open(teamId, queryClient);
    }
  });

  $effect(() => {
    if (session.data?.role === 'helper' && !/^\/(events|team|join)/u.test(route.pathname)) {
      void navigate('/events');
    }
  });

  // What names children goes from this device, too, when its time is over.
  const namesDays = $derived(teamId === null ? null : (session.data?.namesDays ?? null));
  $effect(() => {
    if (namesDays !== null) {
      void import('./lib/forget').then(({ forgetChildren }) => forgetChildren(namesDays));
    }
  });

  provideSession(() => session.data);

  const send = () => void outbox.send();
  $effect(() => reach.onFound(send));

  // Designs that were edited out of reach are sent as soon as somebody is signed in and the server is there.
  $effect(() => {
    if (teamId === null) {
      return;
    }
    void sendUnsaved();

    return reach.onFound(() => void sendUnsaved());
  });

  // Not every screen asks the server by itself; while it is away one question is asked again and again.
  $effect(() => {
    if (!reach.away) {
      return;
    }
    const asking = setInterval(() => void api.get('session').catch(() => undefined), ASK_AGAIN_MS);

    return () => clearInterval(asking);
  });
</script>

<svelte:window ononline={send} />

{#if token !== undefined}
  {#await import('./rooms/account/sign-in/Join.svelte') then { default: Join }}<Join {token} />{/await}
{:else if renewal !== undefined}
  {#await import('./rooms/account/sign-in/NewPassword.svelte') then { default: NewPassword }}
    <NewPassword token={renewal} />
  {/await}
{:else if readdressing !== undefined}
  {#await import('./rooms/account/sign-in/NewEmail.svelte') then { default: NewEmail }}
    <NewEmail token={readdressing} />
  {/await}
{:else if session.data === undefined}
  {#if session.error === null}
    <Loading what="Opening the kit bag" />
  {:else}
    <Trouble error={session.error} retry={() => session.refetch()} />
  {/if}
{:else if session.data.teamId === null || outbox.signInNeeded}
  {@const seen = session.data}
  {#await import('./rooms/account/sign-in/SignIn.svelte') then { default: SignIn }}<SignIn
      session={seen}
    />{/await}
{:else}
  <div class="flex min-h-dvh flex-col">
    <Header session={session.data} />
    <Notices teamEndsAt={session.data.teamEndsAt} />
    <main class="flex grow flex-col">
      <Router />
    </main>
  </div>
  {#if passwordAgain.isAsked}
    {#await import('./ui/TypePasswordAgain.svelte') then { default: TypePasswordAgain }}<TypePasswordAgain
      />{/await}
  {/if}
{/if}
