<script lang="ts">
  import type { Submission } from '../../../lib/form.svelte';
  import Entry from '../../../ui/Entry.svelte';

  interface Props {
    who: { name: string; email: string; password: string };
    work: Submission;
  }

  const { who, work }: Props = $props();
</script>

<Entry
  label="Your name, as the team calls you"
  maxlength={80}
  autocomplete="name"
  bind:value={who.name}
  message={work.of('name')}
/>
<Entry
  label="E-mail, to sign in with"
  type="email"
  autocomplete="username"
  bind:value={who.email}
  message={work.of('email')}
/>
<Entry
  label="A password of twelve letters at least"
  type="password"
  autocomplete="new-password"
  bind:value={who.password}
  message={work.of('password') ?? work.general}
/>
