<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { Submission } from '../../../lib/form.svelte';
  import Said from '../../../ui/Said.svelte';
  import { signOut } from './sign-out';

  const { words, class: look }: { words: string; class: string } = $props();

  const queryClient = useQueryClient();
  const work = new Submission();
</script>

<button type="button" class={look} disabled={work.busy} onclick={() => work.run(() => signOut(queryClient))}
  >{words}</button
>
<Said message={work.general} />
