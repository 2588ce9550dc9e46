<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { api } from '../../api/client';
  import type { OwnAccount, TeamSheet } from '../../api/types.gen';
  import { whoIsIn } from '../../lib/session';
  import { clockTime, dayName } from '../../lib/minutes';
  import Fetched from '../../ui/Fetched.svelte';
  import Closing from './Closing.svelte';
  import Devices from './Devices.svelte';
  import Email from './Email.svelte';
  import Invite from './Invite.svelte';
  import Members from './Members.svelte';
  import NamesKept from './NamesKept.svelte';
  import OwnData from './OwnData.svelte';
  import Password from './Password.svelte';
  import SecondFactor from './SecondFactor.svelte';
  import SignOut from './sign-in/SignOut.svelte';

  const session = createQuery(whoIsIn);
  const team = createQuery(() => ({ queryKey: ['team'], queryFn: () => api.get<TeamSheet>('team') }));
  const account = createQuery(() => ({
    queryKey: ['account'],
    queryFn: () => api.get<OwnAccount>('account'),
  }));
  const here = Intl.DateTimeFormat().resolvedOptions().timeZone;
</script>

<div class="flex grow flex-col gap-8 px-3 py-5 sm:px-8">
  <div class="flex flex-wrap items-center gap-3">
    <h1 class="grow text-4xl">{session.data?.teamName ?? 'Team'}</h1>
    <SignOut words="Sign out here" class="key" />
  </div>
  <Fetched query={team} what="Calling the team">
    {#snippet children(sheet)}
      <Members team={sheet} />
      {#if sheet.answersForIt}<Invite team={sheet} />{/if}
      <NamesKept team={sheet} />
      <Password />
      <Fetched query={account} what="Asking for your devices">
        {#snippet children(own)}
          <Email account={own} />
          <SecondFactor account={own} />
          <Devices account={own} />
        {/snippet}
      </Fetched>
      {#if sheet.acts.length > 0}
        <section aria-labelledby="acts">
          <h2 id="acts" class="text-2xl">Who did what</h2>
          <ul class="mt-2 max-w-3xl">
            {#each sheet.acts as act (act.id)}
              <li class="border-t border-seam py-1">
                <strong>{act.who}</strong>
                {act.what}
                <span class="text-soft">{dayName(act.at, here)}, {clockTime(act.at, here)}</span>
              </li>
            {/each}
          </ul>
        </section>
      {/if}
      {#if sheet.answersForIt}<OwnData />{/if}
      {#if sheet.answersForIt && session.data !== undefined}<Closing session={session.data} />{/if}
    {/snippet}
  </Fetched>
</div>
