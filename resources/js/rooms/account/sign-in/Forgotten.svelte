<script lang="ts">
  import { api } from '../../../api/client';
  import { Submission } from '../../../lib/form.svelte';
  import Entry from '../../../ui/Entry.svelte';

  const work = new Submission();
  let email = $state('');
  let isSent = $state(false);

  async function ask(event: SubmitEvent) {
    event.preventDefault();
    isSent = await work.run(() => api.post('forgotten', { email }));
  }
</script>

<form class="flex flex-col gap-4" onsubmit={ask}>
  <h2 class="text-3xl">A new password</h2>
  <Entry
    label="E-mail that you sign in with"
    type="email"
    autocomplete="username"
    bind:value={email}
    message={work.of('email') ?? work.general}
  />
  <button type="submit" class="key min-h-14 text-lg key-ink" disabled={work.busy}>Send me a link</button>
  {#if isSent}
    <p role="status">
      If somebody signs in with that, a letter is on its way. Its link serves once, within an hour.
    </p>
  {/if}
</form>
