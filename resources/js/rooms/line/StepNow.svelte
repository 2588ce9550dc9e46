<script lang="ts">
  import type { LineBoard, PlanStep } from '../../api/types.gen';
  import { clockTime, minutes, runningMinutes } from '../../lib/minutes';
  import { p } from '../../router';
  import { childName } from '../../line/line';
  import type { Chair } from './chair.svelte';

  const { chair, board }: { chair: Chair; board: LineBoard } = $props();

  /** Of each child, before it sits down. */
  const ASK = 'Ask about allergies, skin and eyes.';
  const sides = { left: 'left side', right: 'right side', both: 'both sides', centre: '' } as const;

  function how(step: PlanStep): string {
    const colours = step.colours.map((colour) => colour.name).filter((name) => name !== '');
    const coats = step.coats > 1 ? `${step.coats} coats` : '';

    return [colours.join(' and '), step.tool, coats].filter((part) => part !== '').join(' · ');
  }

  const places = (step: PlanStep) => step.zones.map((zone) => zone.replace('_', ' ')).join(', ');
</script>

<section class="flex flex-col px-4 py-2 sm:px-8 md:py-5 low:py-0" aria-label="The step now">
  {#if chair.child === null}
    <p class="text-lg text-soft">
      Chair {chair.number()} is free{chair.painter === undefined ? '' : ` · ${chair.painter}`}
    </p>
    {#if chair.state?.awayUntil != null}
      <h1 class="mt-2 text-4xl sm:text-6xl low:text-4xl">On a break</h1>
      <p class="mt-4 text-2xl">
        Back about {clockTime(chair.state.awayUntil, board.day.timezone)}.
        {#if chair.next !== undefined}Then {childName(chair.next)}, {chair.next.design}.{/if}
      </p>
      {#if chair.state.awayUntil < board.now}
        <p class="mt-3 text-xl text-rust">That was {minutes(board.now - chair.state.awayUntil)} ago.</p>
      {/if}
    {:else if chair.next === undefined}
      <h1 class="mt-2 text-4xl sm:text-6xl low:text-4xl">Nobody is waiting</h1>
      <p class="mt-4 text-xl">
        {board.isOpen ? 'The line is open.' : 'The line is closed.'} Names are taken on
        <a class="underline underline-offset-4" href={p('/events/:id', { params: { id: board.day.id } })}
          >the day’s page</a
        >.
      </p>
    {:else}
      <h1 class="mt-2 text-4xl sm:text-6xl low:text-4xl">{childName(chair.next)}</h1>
      <p class="mt-4 text-2xl">{chair.next.design}, {minutes(chair.next.plannedMs)} planned</p>
      <p class="mt-auto pt-6 text-lg text-soft">
        {ASK} Broken skin, a rash or a cold sore: offer an arm, or nothing. Local rules come first.
      </p>
    {/if}
  {:else if chair.step === undefined}
    <p class="text-lg text-soft">{childName(chair.child)} · {chair.child.design}</p>
    <h1 class="mt-2 text-4xl sm:text-6xl low:text-4xl">Mirror, photo, wipe down</h1>
    <p
      class="mt-4 minutes text-7xl sm:text-[112px] sm:leading-none low:text-[72px]"
      role="timer"
      aria-label="Since the last step"
    >
      {runningMinutes(chair.turnaroundMs)}
    </p>
    <p class="mt-3 text-xl">
      Painted in {minutes(chair.faceMs)}{chair.child.promiseMs === null
        ? ''
        : `, promised ${minutes(chair.child.promiseMs)}`}. A clean sponge set for the next one.
    </p>
    {#if chair.next !== undefined}
      <p class="mt-3 border-l-[6px] border-sea pl-3 text-lg">
        Next {childName(chair.next)}, {chair.next.design}. {ASK}
      </p>
    {/if}
  {:else}
    <p class="flex min-w-0 gap-1 text-lg text-soft max-sm:flex-wrap">
      <span class="truncate">{childName(chair.child)}</span>
      <span class="shrink-0 whitespace-nowrap"
        >· {chair.child.design} · step {chair.stepIndex + 1} of {chair.child.steps.length}{chair.step.optional
          ? ' · may be left out'
          : ''}</span
      >
    </p>
    <h1 class="mt-1 text-[2.4rem] sm:text-6xl low:text-4xl" aria-live="polite">{chair.step.name}</h1>
    <div class="mt-2 flex items-center gap-3 text-xl sm:mt-3 sm:text-[22px]">
      {#each chair.step.colours as colour (colour.hex)}
        <span
          class="size-9 shrink-0 rounded-full border-2 border-ink"
          style:background-color={colour.hex}
          title={colour.name}
        ></span>
      {/each}
      <span>{how(chair.step)}</span>
    </div>
    <p class="mt-1 text-lg leading-tight text-soft">
      {[places(chair.step), sides[chair.step.side]].filter(Boolean).join(' · ')}
    </p>
    <div class="mt-3 flex flex-wrap items-baseline gap-x-5">
      <p
        class={[
          'minutes text-[76px] leading-none sm:text-[132px] low:text-[72px]',
          chair.stepMs > chair.stepPlannedMs && 'text-rust',
        ]}
        role="timer"
        aria-label="Step clock"
      >
        {runningMinutes(chair.stepMs)}
      </p>
      <p class="text-xl text-soft">
        of {minutes(chair.stepPlannedMs)}{#if chair.child.pausedAt !== null}, <strong class="text-ink"
            >paused</strong
          >{/if}<br />
        face
        <span data-face-clock>{runningMinutes(chair.faceMs)}</span>
        of {minutes(chair.child.promiseMs ?? chair.plan?.totalMs ?? 0)}
      </p>
    </div>
    {#if chair.step.note !== ''}
      <p class="mt-3 text-lg">{chair.step.note}</p>
    {/if}
    <p class="mt-auto border-t-2 border-dotted border-seam pt-2 text-lg max-sm:mt-3 sm:text-xl">
      {#if chair.nextStep === undefined}
        <strong>Then</strong> the mirror
      {:else}
        <strong>Then</strong> {chair.nextStep.name.toLowerCase()} · {how(chair.nextStep)}
      {/if}
    </p>
  {/if}
  <p class="sr-only" aria-live="polite">
    The line is clear about {clockTime(board.clearAt, board.day.timezone)}.
  </p>
</section>
