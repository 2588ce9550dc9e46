<script lang="ts" generics="T">
  import type { Snippet } from 'svelte';
  import type { Fetching } from './fetched';
  import Loading from './Loading.svelte';
  import Trouble from './Trouble.svelte';

  interface Props {
    query: Fetching<T>;
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
