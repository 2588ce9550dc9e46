<script lang="ts">
  import type { LiveRung, Plan } from '../../api/types.gen';
  import { minutes } from '../../lib/minutes';
  import Sheet from '../../ui/Sheet.svelte';
  import type { Chair } from './chair.svelte';

  let { chair, open = $bindable() }: { chair: Chair; open: boolean } = $props();

  let live = $state.raw<LiveRung[] | null>(null);
  let away = $state(false);
  const current = $derived(chair.headingMs - chair.faceMs);
  /** What the server works out from the paint on this face; the named versions until it has answered, or where it cannot. */
  const ways = $derived.by((): { plan: Plan; leftMs: number; changes: readonly string[] }[] =>
    live === null
      ? chair.quickerWays().map((way) => ({ ...way, changes: way.plan.changes }))
      : live.map(({ plan, leftMs, changes }) => ({ plan, leftMs, changes })),
  );

  const asked = $derived(open ? chair.child?.id : undefined);

  $effect(() => {
    const ticket = asked;
    live = null;
    away = false;
    if (ticket !== undefined) {
      chair.line.liveRungs(ticket).then(
        (rungs) => (live = rungs),
        () => (away = true),
      );
    }
  });

  function take(plan: Plan) {
    chair.goOnBy(plan);
    open = false;
  }

  function stop() {
    chair.enough();
    open = false;
  }
</script>

<Sheet bind:open title="Make it quicker">
  <p class="text-lg">
    As planned there is <strong class="minutes">{minutes(current)}</strong> left. From what is painted now:
  </p>
  {#if chair.mayStopWithout.length > 0}
    <button
      type="button"
      class="mt-3 key min-h-16 w-full justify-start gap-4 text-left text-lg"
      onclick={stop}
    >
      <strong class="w-20 minutes text-2xl">stop</strong>
      <span>It looks finished. Without {chair.mayStopWithout.join(', ')}</span>
    </button>
  {/if}
  <ul class="mt-2 flex flex-col gap-2">
    {#each ways as way (way.plan.id)}
      <li>
        <button
          type="button"
          class="key min-h-16 w-full justify-start gap-4 text-left text-lg"
          onclick={() => take(way.plan)}
        >
          <strong class={['w-20 shrink-0', way.leftMs === 0 ? 'text-lg' : 'minutes text-2xl']}
            >{way.leftMs === 0 ? 'this step' : minutes(way.leftMs)}</strong
          >
          <span>
            {#each way.plan.rungs as name (name)}<span class="mr-2 bg-ink px-1.5 text-[15px] text-paper"
                >{name}</span
              >{/each}{way.changes.length === 0 ? 'All of it, in another order' : way.changes.join('; ')}
          </span>
        </button>
      </li>
    {/each}
  </ul>
  {#if ways.length === 0}
    <p class="mt-2 text-lg">
      {live === null && !away
        ? 'Looking at what is left.'
        : 'Nothing in this design can be left out. Skip a step, or finish it as it is.'}
    </p>
  {/if}
  {#if away}
    <p class="mt-2 text-soft">
      The server is out of reach: these are the named versions, less what is painted.
    </p>
  {/if}
  <p class="mt-3 text-[15px] text-soft">Undo brings the plan back that you had.</p>
</Sheet>
