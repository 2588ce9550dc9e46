<script lang="ts">
  import { createQuery, useQueryClient } from '@tanstack/svelte-query';
  import { api } from '../../../api/client';
  import type { CalendarLink } from '../../../api/types.gen';
  import { Submission } from '../../../lib/form.svelte';
  import Said from '../../../ui/Said.svelte';
  import Sheet from '../../../ui/Sheet.svelte';
  import CalendarLook from './CalendarLook.svelte';
  import type { Diary } from './diary.svelte';

  let { open = $bindable(), diary }: { open: boolean; diary: Diary } = $props();

  const queryClient = useQueryClient();
  const work = new Submission();
  const link = createQuery(() => ({
    queryKey: ['calendar', 'link'],
    queryFn: () => api.get<CalendarLink>('calendar/link'),
    enabled: open,
  }));
  const address = $derived(link.data?.address ?? null);
  let copied = $state(false);

  function change(write: () => Promise<CalendarLink>) {
    copied = false;

    return work.run(async () => queryClient.setQueryData(['calendar', 'link'], await write()));
  }

  async function copy() {
    await navigator.clipboard.writeText(address ?? '');
    copied = true;
  }

  async function bring(event: Event & { currentTarget: HTMLInputElement }) {
    const { currentTarget } = event;
    const file = currentTarget.files?.[0];
    if (file !== undefined) {
      await diary.read(file);
      currentTarget.value = '';
    }
  }
</script>

<Sheet bind:open title="Calendar" wide>
  {#if diary.look === null}
    <div class="grid gap-8 sm:grid-cols-2">
      <section>
        <h3 class="text-2xl">Bookings from another calendar</h3>
        <p class="mt-1">
          Export it as an .ics file and choose it here. You look at what stands in it before any of it is
          taken.
        </p>
        <label class="mt-3 key cursor-pointer key-ink has-focus-visible:outline-3">
          {diary.busy ? 'Reading it …' : 'Choose a file'}
          <input
            type="file"
            accept=".ics,text/calendar"
            class="sr-only"
            disabled={diary.busy}
            onchange={bring}
          />
        </label>
        <Said message={diary.message} />
      </section>
      <section>
        <h3 class="text-2xl">Our events in your calendar</h3>
        {#if address === null}
          <p class="mt-1">
            A private link that your own calendar looks at now and then. Whoever has it can read the events of
            the team: times, places and menus, no names of children.
          </p>
          <button
            type="button"
            class="mt-3 key"
            disabled={work.busy || link.isPending}
            onclick={() => change(() => api.put('calendar/link', {}))}>Make a link</button
          >
        {:else}
          <p class="mt-1">Subscribe to this address in your calendar. It is yours alone.</p>
          <input class="mt-2 field font-mono text-sm" readonly aria-label="Private link" value={address} />
          <div class="mt-3 flex flex-wrap gap-3">
            <button type="button" class="key" onclick={copy}>{copied ? 'Copied' : 'Copy it'}</button>
            <button
              type="button"
              class="key"
              disabled={work.busy}
              onclick={() => change(() => api.delete('calendar/link'))}>Revoke it</button
            >
          </div>
          <p class="mt-2 text-soft">Once revoked it shows nothing any more; a new one can be made.</p>
        {/if}
        <Said message={work.general} />
      </section>
    </div>
  {:else}
    <CalendarLook {diary} look={diary.look} took={() => (open = false)} />
  {/if}
</Sheet>
