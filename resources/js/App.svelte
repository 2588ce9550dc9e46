<script lang="ts">
  import { QueryClient, QueryClientProvider } from '@tanstack/svelte-query';
  import { dayAtChair, lightChosen } from './lib/remembered.svelte';
  import { openAhead } from './line/questions';
  import Patterns from './tape/Patterns.svelte';
  import Workshop from './Workshop.svelte';

  // Answers are kept in the browser by the client itself; a failed read is tried again at the next turn.
  const queryClient = new QueryClient({
    defaultOptions: { queries: { retry: false, networkMode: 'always', refetchOnWindowFocus: true } },
  });

  if (location.pathname === '/' && dayAtChair.value !== '') {
    void openAhead(queryClient, dayAtChair.value);
  }

  $effect(() => {
    document.documentElement.setAttribute('data-light', lightChosen.value);
  });
</script>

<QueryClientProvider client={queryClient}>
  <Patterns />
  <Workshop />
</QueryClientProvider>
