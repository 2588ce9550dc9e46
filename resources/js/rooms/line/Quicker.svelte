<script lang="ts">
  import type { LiveRung, Plan } from '../../api/types.gen';
  import { minutes } from '../../lib/minutes';
  import Sheet from '../../ui/Sheet.svelte';
  import type { Effect } from '../../line/dropping';
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

  const richer = $derived(open ? chair.richerWays() : []);

  /** "4 who wait are called 1:30 sooner; one more is done before closing". */
  function said(effect: Effect | undefined): string {
    if (effect === undefined || (effect.children === 0 && effect.beforeClosing === 0)) {
      return 'Nobody who waits notices';
    }
    const { children, soonerMs, beforeClosing } = effect;
    const when = `${minutes(Math.abs(soonerMs))} ${soonerMs < 0 ? 'later' : 'sooner'}`;
    const called =
      children === 0
        ? ''
        : `${children} who ${children === 1 ? 'waits is' : 'wait are'} called ${children === 1 ? '' : 'about '}${when}`;
    const closing =
      beforeClosing === 0
        ? ''
        : `${Math.abs(beforeClosing)} ${beforeClosing < 0 ? 'fewer' : 'more'} done before closing`;

    return [called, closing].filter((part) => part !== '').join('; ');
  }
  const effectOf = (plan: Plan | null) =>
    said(chair.child === null ? undefined : chair.line.effectOf(chair.child.id, plan));

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

{#snippet one(way: { plan: Plan; leftMs: number }, changes: string)}
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
          >{/each}{changes}<small class="block text-[15px] text-soft">{effectOf(way.plan)}</small>
      </span>
    </button>
  </li>
{/snippet}

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
      <span
        >It looks finished. Without {chair.mayStopWithout.join(', ')}<small
          class="block text-[15px] text-soft">{effectOf(null)}</small
        ></span
      >
    </button>
  {/if}
  <ul class="mt-2 flex flex-col gap-2">
    {#each ways as way (way.plan.id)}
      {@render one(way, way.changes.length === 0 ? 'All of it, in another order' : way.changes.join('; '))}
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
  {#if richer.length > 0}
    <h2 class="mt-5 font-display text-xl font-bold">There is time for more</h2>
    <ul class="mt-2 flex flex-col gap-2">
      {#each richer as way (way.plan.id)}
        {@render one(way, 'The promise is kept')}
      {/each}
    </ul>
  {/if}
  <p class="mt-3 text-[15px] text-soft">Undo brings the plan back that you had.</p>
</Sheet>
