<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { api } from '../../api/client';
  import type { OwnAccount, SecondFactorProposed, SpareCodes } from '../../api/types.gen';
  import { Submission } from '../../lib/form.svelte';
  import Code from '../../ui/Code.svelte';
  import Entry from '../../ui/Entry.svelte';

  const { account }: { account: OwnAccount } = $props();

  const queryClient = useQueryClient();
  const work = new Submission();
  let proposed = $state.raw<SecondFactorProposed | null>(null);
  let spare = $state.raw<string[]>([]);
  let code = $state('');
  let password = $state('');

  const propose = () =>
    work.run(async () => {
      proposed = await api.post<SecondFactorProposed>('account/second-factor');
    });

  async function keep(event: SubmitEvent) {
    event.preventDefault();
    await work.run(async () => {
      spare = (await api.put<SpareCodes>('account/second-factor', { code })).codes;
      proposed = null;
      code = '';
      await queryClient.invalidateQueries({ queryKey: ['account'] });
    });
  }

  async function drop(event: SubmitEvent) {
    event.preventDefault();
    await work.run(async () => {
      queryClient.setQueryData(
        ['account'],
        await api.delete<OwnAccount>('account/second-factor', { password, code }),
      );
      password = code = '';
      spare = [];
    });
  }
</script>

<section class="max-w-3xl" aria-labelledby="second-factor">
  <h2 id="second-factor" class="text-2xl">A code beside the password</h2>
  {#if spare.length > 0}
    <p class="mt-1 text-lg" role="status">
      From now on you sign in with a code, too. Write these down, on paper: each lets you in once when the
      authenticator is lost. They are shown only now.
    </p>
    <ul class="mt-2 grid max-w-sm grid-cols-2 gap-x-6 font-mono text-lg">
      {#each spare as one (one)}<li>{one}</li>{/each}
    </ul>
  {:else if account.hasSecondFactor}
    <p class="mt-1 text-lg">
      You sign in with a code. {account.spareCodesLeft} spare
      {account.spareCodesLeft === 1 ? 'code is' : 'codes are'} left.
    </p>
    <form class="mt-2 flex max-w-md flex-col gap-3" onsubmit={drop}>
      <Entry
        label="Your password, to sign in without a code again"
        type="password"
        autocomplete="current-password"
        bind:value={password}
        message={work.of('password')}
      />
      <Entry
        label="A code that your authenticator shows, or a spare one"
        autocomplete="one-time-code"
        maxlength={20}
        bind:value={code}
        message={work.of('code') ?? work.general}
      />
      <button type="submit" class="key" disabled={work.busy}>No code any more</button>
    </form>
  {:else if proposed !== null}
    <div class="mt-2 flex flex-wrap gap-6">
      <div class="size-48 shrink-0"><Code text={proposed.address} label="Read by an authenticator" /></div>
      <form class="flex max-w-md grow flex-col gap-3" onsubmit={keep}>
        <p>
          Let an authenticator on your phone read this, or type
          <code class="break-all">{proposed.secret}</code>.
        </p>
        <Entry
          label="The code that it shows now"
          autocomplete="one-time-code"
          maxlength={20}
          bind:value={code}
          message={work.of('code') ?? work.general}
        />
        <button type="submit" class="key key-ink" disabled={work.busy}>Ask for it from now on</button>
      </form>
    </div>
  {:else}
    <p class="mt-1 text-lg">
      Whoever learns your password still cannot sign in: an authenticator on your phone shows six digits, new
      each half minute. It needs no network.
    </p>
    <button type="button" class="mt-2 key" disabled={work.busy} onclick={propose}>Set it up</button>
  {/if}
</section>
