<script lang="ts">
  import { pauseReasons } from '../../api/tables.gen';
  import type { LineBoard, PauseReason, PlanStep } from '../../api/types.gen';
  import { clockTime, minutes, runningMinutes } from '../../lib/minutes';
  import { p } from '../../router';
  import { childName } from '../../line/line';
  import Asking from './Asking.svelte';
  import type { Chair } from './chair.svelte';
  import OtherChild from './OtherChild.svelte';
  import OtherDesign from './OtherDesign.svelte';
  import { skinSays } from './skin';
  import Turnaround from './Turnaround.svelte';
  import WalkUp from './desk/WalkUp.svelte';

  const { chair, board }: { chair: Chair; board: LineBoard } = $props();

  let otherChild = $state(false);
  let otherDesign = $state(false);
  const reasons = Object.entries(pauseReasons) as [PauseReason, string][];

  /** The step before this one, where it can be wiped off too. */
  const before = $derived.by(() => {
    const done = chair.child?.steps.findLast(({ status }) => status === 'done')?.stepId;

    return done === undefined ? undefined : chair.line.stepOf(done);
  });
  /** What was kept shut until now and may open. */
  const mayOpen = $derived.by(() => {
    const was = before?.shut ?? null;
    const is = chair.step?.shut ?? null;

    return was === null || is !== null
      ? ''
      : was === 'both'
        ? 'Eyes and lips may open'
        : `${was === 'eyes' ? 'Eyes' : 'Lips'} may open`;
  });
  const company = $derived(chair.next === undefined ? [] : chair.line.companyOf(chair.next.id));
  const isWait = $derived(chair.step?.technique === 'wait');
  const leftMs = $derived(Math.max(0, chair.stepPlannedMs - chair.stepMs));
  /** How what lies below stands to what is painted now. */
  const skin = $derived(
    skinSays(chair.films, (id) => chair.line.stepOf(id)?.name ?? 'what lies below', isWait && leftMs > 0),
  );
  const shut = { eyes: 'Eyes shut', lips: 'Lips shut', both: 'Eyes and lips shut' } as const;
  const sides = { left: 'left side', right: 'right side', both: 'both sides', centre: '' } as const;

  function how(step: PlanStep): string {
    const colours = step.colours.map((colour) => colour.name).filter((name) => name !== '');
    const coats = step.coats > 1 ? `${step.coats} coats` : '';

    return [colours.join(' and '), step.tool, coats].filter((part) => part !== '').join(' · ');
  }

  const places = (step: PlanStep) => step.zones.map((zone) => zone.replace('_', ' ')).join(', ');
</script>

<section
  class="flex flex-col px-4 py-2 sm:px-8 md:min-h-0 md:overflow-y-auto md:py-4 low:py-0"
  aria-label="The step now"
>
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
      <WalkUp {chair} {board} />
    {:else}
      <h1 class="mt-2 text-4xl sm:text-6xl low:text-4xl">{childName(chair.next)}</h1>
      <p class="mt-4 text-2xl">{chair.next.design}, {minutes(chair.next.plannedMs)} planned</p>
      {#if chair.next.note !== null}<p class="mt-2 text-xl font-semibold">{chair.next.note}</p>{/if}
      {#if company.length > 0}
        <p class="mt-2 text-lg">
          Came with {company
            .map(
              ({ name, chair: at, callAt }) =>
                `${name}, ${
                  callAt === null
                    ? `who sits at chair ${at}`
                    : `chair ${at} about ${clockTime(callAt, board.day.timezone)}`
                }`,
            )
            .join('; ')}.
        </p>
      {/if}
      {#if chair.next.calls > 0}
        <p class="mt-2 text-lg text-soft">
          Called {chair.next.calls === 1 ? 'once' : `${chair.next.calls} times`}.
        </p>
      {/if}
      {#if (chair.state?.next?.savesMs ?? 0) > 0}
        <p class="mt-3 border-l-[6px] border-kelp pl-3 text-lg">
          Before {chair.passed.map((child) => `No. ${child.number}`).join(' and ')}: painted sooner at the
          other chair, and all who wait are done {minutes(chair.state?.next?.savesMs ?? 0)} sooner together.
        </p>
      {:else if chair.passed.length > 0}
        <p class="mt-3 border-l-[6px] border-brass pl-3 text-lg">
          {chair.passed.map((child) => `No. ${child.number}`).join(' and ')}
          {chair.passed.every((child) => child.overdue)
            ? 'was called and is not there.'
            : 'waits for the painter wished for.'}
        </p>
      {/if}
      <p class="mt-4 flex flex-wrap gap-2">
        <button type="button" class="key min-h-14" onclick={() => chair.line.call(chair.next?.id ?? '')}
          >{chair.next.calls === 0 ? 'Call' : 'Call again'}</button
        >
        <button
          type="button"
          class="key min-h-14"
          onclick={() => chair.line.takeOff(chair.next?.id ?? '', 'no_show')}>Did not come</button
        >
        {#if board.waiting.length > 1}
          <button type="button" class="key min-h-14" onclick={() => (otherChild = true)}>Another child</button
          >
        {/if}
      </p>
      <p class="mt-auto pt-6 text-lg text-soft">
        Seated, they are asked about age, allergies, skin, eyes and lips first.
      </p>
    {/if}
  {:else if chair.step === undefined}
    <Turnaround {chair} />
  {:else if chair.isAsking}
    <Asking {chair} another={() => (otherDesign = true)} />
  {:else}
    <p class="flex min-w-0 gap-1 text-lg text-soft max-sm:flex-wrap">
      <span class="truncate">{childName(chair.child)}</span>
      <span class="min-w-0 sm:max-w-[75%] sm:shrink-0 sm:truncate"
        ><span class="max-sm:hidden">·&nbsp;</span>{chair.child.design} · step {chair.stepIndex + 1} of {chair
          .child.steps.length}{chair.step.optional ? ' · may be left out' : ''}</span
      >
    </p>
    <h1 class="mt-1 text-[2.4rem] sm:text-6xl low:text-4xl" aria-live="polite">{chair.step.name}</h1>
    <div class="mt-2 flex items-center gap-3 text-xl sm:mt-3 sm:text-[22px]">
      {#each chair.step.colours as colour (colour.hex)}
        <span class="size-9 shrink-0 rounded-full border-2 border-ink" style:background-color={colour.hex}
        ></span>
      {/each}
      <span>{how(chair.step)}</span>
    </div>
    <p class="mt-1 flex flex-wrap items-center gap-x-3 gap-y-1 text-lg leading-tight">
      {#if chair.step.shut !== null || mayOpen !== ''}
        <span class={['rounded px-2 py-0.5 font-bold', mayOpen === '' ? 'bg-ink text-paper' : 'bg-brass']}
          >{chair.step.shut === null ? mayOpen : shut[chair.step.shut]}</span
        >
      {/if}
      {#if chair.stillMs > 0}
        <span class="rounded border-2 border-ink px-2 font-bold">Hold still · {minutes(chair.stillMs)}</span>
      {/if}
      {#if skin !== ''}<span class="rounded bg-sea/25 px-2 py-0.5 font-bold">{skin}</span>{/if}
      <span class="text-soft">{[places(chair.step), sides[chair.step.side]].filter(Boolean).join(' · ')}</span
      >
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
        {isWait && leftMs > 0 ? runningMinutes(leftMs) : runningMinutes(chair.stepMs)}
      </p>
      <p class="text-xl text-soft">
        {isWait && leftMs > 0 ? 'left of' : 'of'}
        {minutes(chair.stepPlannedMs)}{#if chair.child.pausedAt !== null}, <strong class="text-ink"
            >paused</strong
          >{/if}<br />
        face
        <span data-face-clock>{runningMinutes(chair.faceMs)}</span>
        of {minutes(chair.child.promiseMs ?? chair.plan?.totalMs ?? 0)}
      </p>
    </div>
    {#if chair.child.pausedAt !== null}
      <ul class="mt-2 flex flex-wrap gap-2" aria-label="Why the clocks stand">
        {#each reasons as [reason, name] (reason)}
          <li>
            <button
              type="button"
              class={['key min-h-11 px-3', chair.child.pausedFor === reason && 'bg-brass']}
              aria-pressed={chair.child.pausedFor === reason}
              onclick={() => chair.pauseFor(reason)}>{name}</button
            >
          </li>
        {/each}
      </ul>
    {/if}
    {#each chair.advice.filter(({ caution }) => caution !== 'photo') as advice (advice.caution)}
      <p class="mt-2 border-l-[6px] border-brass pl-3 text-lg leading-snug">{advice.words}</p>
    {/each}
    {#if chair.step.note !== ''}
      <p class="mt-3 text-lg">{chair.step.note}</p>
    {/if}
    <p class="mt-3 flex flex-wrap gap-x-5 text-base sm:mt-auto">
      <button
        type="button"
        class="key-word"
        onclick={() => chair.step !== undefined && chair.wipeOff(chair.step.id)}>Wiped off, again</button
      >
      {#if before !== undefined}
        <button type="button" class="key-word" onclick={() => chair.wipeOff(before.id)}
          >{before.name} once more</button
        >
      {/if}
      {#if chair.nextStep !== undefined}
        <button
          type="button"
          class="key-word"
          aria-label="Painted together with {chair.nextStep.name}"
          onclick={() => chair.bothDone()}>With the next</button
        >
        <button type="button" class="key-word" onclick={() => chair.later()}
          >{chair.stepMs < 3000 ? 'After the next' : 'Rest after the next'}</button
        >
      {/if}
      <button type="button" class="key-word" onclick={() => (otherDesign = true)}>Another design</button>
    </p>
    <p class="border-t-2 border-dotted border-seam pt-2 text-lg sm:text-xl">
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

<OtherChild {chair} {board} bind:open={otherChild} />
<OtherDesign {chair} {board} bind:open={otherDesign} />
