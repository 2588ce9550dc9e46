<script lang="ts">
  import { Popover } from 'bits-ui';
  import { type Look, looks } from '../../facemap/looks';

  interface Props {
    look: Look;
    choose: (look: Look) => void;
  }

  const { look, choose }: Props = $props();

  let open = $state(false);
</script>

{#snippet head(one: Look, size: number)}
  <svg viewBox="0 0 40 40" width={size} height={size} aria-hidden="true">
    <circle cx="20" cy="20" r="18" fill={one.hair} />
    <path d="M6 20C6 12 12 10 20 10C28 10 34 12 34 20C34 31 27 38 20 38C13 38 6 31 6 20Z" fill={one.skin} />
    <circle cx="14" cy="22" r="2.4" fill={one.iris} /><circle cx="26" cy="22" r="2.4" fill={one.iris} />
  </svg>
{/snippet}

<Popover.Root bind:open>
  <Popover.Trigger class="key min-h-10 px-1.5" aria-label="Who sits: {look.name}"
    >{@render head(look, 28)}</Popover.Trigger
  >
  <Popover.Portal disabled>
    <Popover.Content
      class="z-50 grid grid-cols-4 gap-1 rounded-lg border-2 border-ink bg-paper p-2 outline-none"
      strategy="fixed"
      sideOffset={4}
      aria-label="Who sits"
    >
      {#each looks as one (one.name)}
        <button
          type="button"
          class={['grid size-14 place-items-center rounded-lg', one === look && 'bg-brass']}
          aria-label={one.name}
          aria-pressed={one === look}
          onclick={() => {
            choose(one);
            open = false;
          }}>{@render head(one, 44)}</button
        >
      {/each}
    </Popover.Content>
  </Popover.Portal>
</Popover.Root>
