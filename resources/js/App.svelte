<script lang="ts">
  import { QueryClient, QueryClientProvider } from '@tanstack/svelte-query';
  import { MediaQuery } from 'svelte/reactivity';
  import { lightOf } from './lib/light';
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

  const dark = new MediaQuery('prefers-color-scheme: dark');
  const contrast = new MediaQuery('prefers-contrast: more');
  $effect(() => {
    const light = lightOf(lightChosen.value, { dark: dark.current, contrast: contrast.current });
    document.documentElement.setAttribute('data-light', light);
  });
</script>

<QueryClientProvider client={queryClient}>
  <Patterns />
  <Workshop />
</QueryClientProvider>
