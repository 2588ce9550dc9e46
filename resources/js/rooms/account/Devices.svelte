<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { api } from '../../api/client';
  import type { DeviceShown, OwnAccount } from '../../api/types.gen';
  import { Submission } from '../../lib/form.svelte';
  import { clockTime, dayName } from '../../lib/minutes';
  import Said from '../../ui/Said.svelte';

  const { account }: { account: OwnAccount } = $props();

  const queryClient = useQueryClient();
  const work = new Submission();
  const here = Intl.DateTimeFormat().resolvedOptions().timeZone;
  const names: Record<string, string> = { phone: 'A phone or tablet', computer: 'A computer' };
  const at = (ms: number) => `${dayName(ms, here)}, ${clockTime(ms, here)}`;

  const end = (device: DeviceShown) =>
    work.run(async () => {
      queryClient.setQueryData(['account'], await api.delete<OwnAccount>(`account/sign-ins/${device.id}`));
    });
</script>

<section class="max-w-3xl" aria-labelledby="devices">
  <h2 id="devices" class="text-2xl">Where you are signed in</h2>
  <ul class="mt-2">
    {#each account.devices as device (device.id)}
      <li class="flex flex-wrap items-center justify-between gap-x-4 border-t border-seam py-1">
        <span>
          <strong>{names[device.device] ?? device.device}</strong>{device.isThis ? ', this one' : ''}
          <span class="block text-soft">since {at(device.since)}; last seen {at(device.seenAt)}</span>
        </span>
        {#if !device.isThis}
          <button type="button" class="key-word" disabled={work.busy} onclick={() => end(device)}
            >Sign out there</button
          >
        {/if}
      </li>
    {/each}
  </ul>
  <Said message={work.general} />
</section>
