<script lang="ts">
  import type { DesignSheet } from '../../api/types.gen';
  import { minutes } from '../../lib/minutes';

  const { sheet }: { sheet: DesignSheet } = $props();

  const parts = $derived([
    { name: 'painting', ms: sheet.paintingMs, fill: 'url(#tape-sponge)' },
    { name: 'changing tools', ms: sheet.changeoverMs, fill: '#1b2630' },
    { name: 'waiting to dry', ms: sheet.dryingMs, fill: 'url(#tape-drying)' },
  ]);
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
  <p class="mt-3 text-[15px] text-soft">
    Minutes are typed. Changes of tool are the team’s estimates until your own are timed. The turnaround
    between children comes on top.
  </p>
  <p class="mt-4">
    <a class="key" href="/api/designs/{sheet.id}/file" download="{sheet.name}.json">Save as a file</a>
  </p>
</div>
