<script lang="ts">
  import { type DesignSheet, TimeSourceValues } from '../../../api/types.gen';
  import { minutes } from '../../../lib/minutes';
  import { restsOn } from '../../../lib/paces';
  import { p } from '../../../router';

  const { sheet }: { sheet: DesignSheet } = $props();

  const parts = $derived([
    { name: 'painting', ms: sheet.paintingMs, fill: 'url(#tape-sponge)' },
    { name: 'changing tools', ms: sheet.changeoverMs, fill: '#1b2630' },
    { name: 'waiting to dry', ms: sheet.dryingMs, fill: 'url(#tape-drying)' },
  ]);
  const words = {
    logged: 'by your log',
    team: 'by the team’s log',
    typed: 'as typed',
    work: 'by the work in them',
  } as const;
  /** What the minutes rest on. */
  const basis = $derived.by(() => {
    const counts = TimeSourceValues.map((source) => ({
      source,
      count: sheet.steps.filter((step) => step.timeSource === source).length,
    })).filter(({ count }) => count > 0);
    const said = counts.map(
      ({ source, count }) => `${count === sheet.steps.length ? 'All steps' : count} ${words[source]}`,
    );

    return said.length === 0 ? '' : `${said.join(', ')}.`;
  });
  const share = (ms: number) => (sheet.totalMs === 0 ? 0 : (ms / sheet.totalMs) * 200);
</script>

<div>
  <h2 class="text-xl">Where the minutes go</h2>
  <dl class="mt-2 flex flex-col gap-3">
    {#each parts as part (part.name)}
      <div>
        <dt class="flex justify-between">
          <span>{part.name}</span><span class="minutes">{minutes(part.ms)}</span>
        </dt>
        <dd>
          <svg viewBox="0 0 200 12" class="h-3 w-full" preserveAspectRatio="none" aria-hidden="true">
            <rect width={share(part.ms)} height="12" fill={part.fill} />
          </svg>
        </dd>
      </div>
    {/each}
  </dl>
  {#if sheet.pace !== null}
    <p class="mt-3 leading-tight">
      8 of 10 faces are done by <strong class="minutes">{minutes(sheet.pace.eightOfTenMs)}</strong>, half of
      them by <span class="minutes">{minutes(sheet.pace.middleMs)}</span>.
      <span class="text-[15px] text-soft">{restsOn(sheet.pace)}</span>
    </p>
  {/if}
  {#if sheet.runsOver !== null}
    <p class="mt-2 border-l-[6px] border-brass pl-2 leading-tight">
      <strong>{sheet.runsOver.name}</strong> takes {minutes(sheet.runsOver.overMs)} longer than planned.
    </p>
  {/if}
  <p class="mt-3 text-[15px] text-soft">
    {basis} Changes of tool are
    {#if sheet.handsTimed}by your own hands{:else}the team’s estimates until you
      <a class="underline underline-offset-4" href={p('/kit')}>time your hands</a>{/if}. The turnaround
    between children comes on top.
  </p>
</div>
