<script lang="ts">
  import type { EventPlan } from './plan.svelte';
  import Sheet from '../../../ui/Sheet.svelte';
  import PlayedTapes from './PlayedTapes.svelte';
  import { Player } from './player.svelte';

  interface Props {
    open: boolean;
    plan: EventPlan;
    timezone: string;
  }

  let { open = $bindable(), plan, timezone }: Props = $props();

  const player = new Player(() => ({ day: plan.dayId, terms: plan.terms }));
  const KINDS = [
    { like: 'good', name: 'A good day' },
    { like: 'usual', name: 'A usual day' },
    { like: 'bad', name: 'A bad day' },
  ] as const;

  $effect(() => {
    if (open) {
      void player.load('usual');

      return () => player.pause();
    }

    return undefined;
  });
</script>

<Sheet bind:open title="Watch it run" wide>
  <div class="flex flex-wrap items-center gap-2">
    {#each KINDS as { like, name } (like)}
      <button
        type="button"
        class={['key', player.like === like && 'key-ink']}
        aria-pressed={player.like === like}
        onclick={() => player.load(like)}>{name}</button
      >
    {/each}
    <button type="button" class="key" onclick={() => player.another()}>Other children</button>
  </div>
  {#if player.message !== ''}
    <p class="mt-3" role="alert">{player.message}</p>
  {:else if player.day !== null}
    <PlayedTapes {player} day={player.day} {timezone} />
  {:else}
    <p class="mt-3 text-soft" role="status">Playing a day …</p>
  {/if}
</Sheet>
