<script lang="ts">
  import { clock } from '../../lib/clock.svelte';
  import { clockTime } from '../../lib/minutes';
  import Sheet from '../../ui/Sheet.svelte';
  import type { Chair } from './chair.svelte';

  let { chair, open = $bindable() }: { chair: Chair; open: boolean } = $props();

  const BREAKS = [10, 15, 30, 45];

  const painters = $derived(chair.line.board?.roster.painters ?? []);
  const zone = $derived(chair.line.board?.day.timezone ?? 'UTC');
  const awayUntil = $derived(chair.state?.awayUntil ?? null);
  const elsewhere = (painter: string) =>
    chair.line.board?.chairs.find((one) => one.painterId === painter && one.chair !== chair.number());

  function take(painter: string) {
    if (painter !== chair.state?.painterId) {
      chair.line.takeChair(chair.number(), painter);
    }
    open = false;
  }

  function pause(minutes: number) {
    chair.line.beginBreak(chair.number(), clock.moment() + chair.busyMs() + minutes * 60_000);
    open = false;
  }

  function back() {
    chair.line.endBreak(chair.number());
    open = false;
  }
</script>

<Sheet bind:open title="Who paints at chair {chair.number()}">
  <ul class="flex flex-col gap-2">
    {#each painters as painter (painter.id)}
      {@const other = elsewhere(painter.id)}
      <li>
        <button
          type="button"
          class={[
            'key min-h-16 w-full justify-between text-left text-xl',
            painter.id === chair.state?.painterId && 'key-ink',
          ]}
          aria-pressed={painter.id === chair.state?.painterId}
          onclick={() => take(painter.id)}
        >
          <strong>{painter.name}</strong>
          <span class="text-base font-normal"
            >{painter.id === chair.state?.painterId
              ? 'sits here'
              : other === undefined
                ? 'takes over'
                : `comes over from chair ${other.chair}`}</span
          >
        </button>
      </li>
    {/each}
  </ul>
  <p class="mt-2 text-[15px] text-soft">
    Faces are timed and planned for whoever sits here. A face in hand goes on; its next steps count for
    whoever takes over.
  </p>

  <h3 class="mt-5 text-2xl">A break</h3>
  {#if awayUntil === null}
    <p class="text-soft">
      {chair.child === null ? 'From now on' : 'After this face'} nobody is called to this chair, for about
    </p>
    <div class="mt-2 grid grid-cols-4 gap-2">
      {#each BREAKS as minutes (minutes)}
        <button type="button" class="key min-h-14 px-1 text-lg" onclick={() => pause(minutes)}
          >{minutes} min</button
        >
      {/each}
    </div>
  {:else}
    <p class="text-soft">Back about {clockTime(awayUntil, zone)}.</p>
    <button type="button" class="mt-2 key min-h-16 w-full text-xl key-ink" onclick={back}>Back by now</button>
  {/if}
</Sheet>
