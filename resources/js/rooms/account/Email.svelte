<script lang="ts">
  import { api } from '../../api/client';
  import type { OwnAccount } from '../../api/types.gen';
  import { Submission } from '../../lib/form.svelte';
  import Entry from '../../ui/Entry.svelte';

  const { account }: { account: OwnAccount } = $props();

  const work = new Submission();
  let email = $state('');
  let password = $state('');
  let code = $state('');
  let sentTo = $state('');

  async function ask(event: SubmitEvent) {
    event.preventDefault();
    await work.run(async () => {
      await api.post('account/email', { email, password, code });
      sentTo = email;
      email = password = code = '';
    });
  }
</script>

<section aria-labelledby="email">
  <h2 id="email" class="text-2xl">Your e-mail address</h2>
  <p class="mt-1 text-lg">You sign in with <strong class="break-all">{account.email}</strong>.</p>
  <form class="mt-2 flex max-w-md flex-col gap-3" onsubmit={ask}>
    <Entry
      label="New e-mail address"
      type="email"
      autocomplete="email"
      bind:value={email}
      message={work.of('email')}
    />
    <Entry
      label="Your password"
      type="password"
      autocomplete="current-password"
      bind:value={password}
      message={work.of('password') ?? (account.hasSecondFactor ? undefined : work.general)}
    />
    {#if account.hasSecondFactor}
      <Entry
        label="A code from your authenticator, or a spare one"
        autocomplete="one-time-code"
        maxlength={20}
        bind:value={code}
        message={work.of('code') ?? work.general}
      />
    {/if}
    <button type="submit" class="key" disabled={work.busy}>Send a link to the new address</button>
    {#if sentTo !== ''}
      <p role="status">
        We sent a link to {sentTo}. Open it within an hour; until then you sign in with {account.email}.
      </p>
    {/if}
  </form>
</section>
