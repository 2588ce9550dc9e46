<script lang="ts">
  import { untrack } from 'svelte';
  import type { BookingKind, EventPlanSheet, TermsShown } from '../../../api/types.gen';
  import { clockTime, minutes } from '../../../lib/minutes';
  import { scaled, turnaroundOf } from './answers';
  import Dial from './Dial.svelte';
  import MoreDials from './MoreDials.svelte';
  import type { EventPlan } from './plan.svelte';

  const { plan, sheet }: { plan: EventPlan; sheet: EventPlanSheet } = $props();

  const KINDS: { kind: BookingKind; name: string }[] = [
    { kind: 'party', name: 'Party' },
    { kind: 'festival', name: 'Festival' },
    { kind: 'volunteer', name: 'Volunteer' },
  ];
  const QUARTER = 15;
  /** The far end of a dial stays where it is. */
  const mostChildren = untrack(() => Math.max(60, 2 * sheet.terms.children));
  const terms = $derived(plan.terms);
  const time = (at: number) => clockTime(at, sheet.day.timezone);
  const turnaround = $derived(turnaroundOf(terms));
  const openMinutes = $derived(Math.round((terms.closesAt - terms.opensAt) / 60_000));

  function become(kind: BookingKind) {
    const arrivals = kind === 'party' ? 'at_once' : 'by_profile';
    void plan.let(`A ${KINDS.find((one) => one.kind === kind)?.name.toLowerCase()} now.`, { kind, arrivals });
  }

  const turnIn = (seconds: number) => plan.try({ turnaround: scaled(terms.turnaround, 1000 * seconds) });

  function profileOf(minutesOpen: number): TermsShown['profile'] {
    const parts = Math.max(1, Math.ceil(minutesOpen / 60));

    return Array.from({ length: parts }, (_, at) => terms.profile[at] ?? terms.profile.at(-1) ?? 1);
  }
</script>

<section aria-label="What is expected" class="flex flex-col gap-2">
  <div class="grid grid-cols-3 border-b-2 border-ink" role="group" aria-label="Kind of booking">
    {#each KINDS as { kind, name } (kind)}
      <button
        type="button"
        aria-pressed={terms.kind === kind}
        class={[
          'min-h-11 font-semibold',
          terms.kind === kind ? 'bg-ink text-paper' : 'text-soft hover:text-ink',
        ]}
        onclick={() => become(kind)}>{name}</button
      >
    {/each}
  </div>
  <Dial
    label={terms.kind === 'party' ? 'Children' : 'Children who may come'}
    shown={String(terms.children)}
    value={terms.children}
    min={1}
    max={mostChildren}
    turn={(children) => plan.try({ children })}
    stay={() => plan.let('Other children expected.')}
  />
  <Dial
    label="Closes"
    shown={time(terms.closesAt)}
    value={openMinutes}
    min={30}
    max={Math.max(480, openMinutes)}
    step={QUARTER}
    turn={(open) =>
      plan.try({
        closesAt: terms.opensAt + open * 60_000,
        profile: profileOf(open),
        stopNamesAt:
          terms.stopNamesAt === null ? null : Math.min(terms.stopNamesAt, terms.opensAt + open * 60_000),
      })}
    stay={() => plan.let(`Closes at ${time(plan.terms.closesAt)} now.`)}
  />
  <Dial
    label="Chairs"
    shown={String(terms.chairs)}
    value={terms.chairs}
    min={1}
    max={8}
    turn={(chairs) => plan.try({ chairs })}
    stay={() => plan.let('Other chairs.')}
  />
  <Dial
    label="Turnaround"
    shown={minutes(turnaround)}
    value={Math.round(turnaround / 1000)}
    min={0}
    max={240}
    step={5}
    turn={turnIn}
    stay={() => plan.let('Another turnaround.')}
  />
  <MoreDials {plan} {sheet} />
  {#if sheet.isAssumed}
    <p class="text-soft">
      Nobody has said yet what is expected here: the children are as many as the chairs can paint. Move what
      is otherwise.
    </p>
  {/if}
</section>
