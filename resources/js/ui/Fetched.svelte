<script lang="ts" generics="T">
  import type { CreateQueryResult } from '@tanstack/svelte-query';
  import type { Snippet } from 'svelte';
  import Loading from './Loading.svelte';
  import Trouble from './Trouble.svelte';

  interface Props {
    query: Pick<CreateQueryResult, 'data' | 'error' | 'refetch'>;
    /** What is being done while it loads. */
    what: string;
    children: Snippet<[T]>;
  }

  const { query, what, children }: Props = $props();
</script>

{#if query.data !== undefined}
  {@render children(query.data)}
{:else if query.error !== null}
  <Trouble error={query.error} retry={() => query.refetch()} />
{:else}
  <Loading {what} />
{/if}
