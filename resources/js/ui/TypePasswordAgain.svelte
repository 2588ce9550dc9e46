<script lang="ts">
  import { api } from '../api/client';
  import { passwordAgain } from '../api/password-again.svelte';
  import { Submission } from '../lib/form.svelte';
  import Entry from './Entry.svelte';
  import Sheet from './Sheet.svelte';

  const work = new Submission();
  let password = $state('');
  let open = $state<boolean>(true);

  $effect(() => {
    if (!open) {
      passwordAgain.end(false);
    }
  });

  async function send(event: SubmitEvent) {
    event.preventDefault();
    if (await work.run(() => api.post('session/password', { password }))) {
      passwordAgain.end(true);
    }
  }
</script>

<Sheet bind:open title="Type your password again">
  <form class="flex flex-col gap-4" onsubmit={send}>
    <p class="text-lg">
      You signed in more than twelve hours ago, and this is not for whoever picks up the tablet.
    </p>
    <Entry
      label="Password"
      type="password"
      autocomplete="current-password"
      bind:value={password}
      message={work.of('password') ?? work.general}
    />
    <button type="submit" class="key min-h-14 text-lg key-ink" disabled={work.busy}>Go on</button>
  </form>
</Sheet>
