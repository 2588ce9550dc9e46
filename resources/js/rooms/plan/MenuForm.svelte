<script lang="ts">
  import { toldWhole } from '../../line/told';
  import { createQuery, useQueryClient } from '@tanstack/svelte-query';
  import { api } from '../../api/client';
  import { everyPage } from '../../api/pages';
  import { type DesignTape, type LineBoard, type RungName, RungNameValues } from '../../api/types.gen';
  import { Draft } from '../../lib/draft.svelte';
  import { Submission } from '../../lib/form.svelte';
  import { minutes } from '../../lib/minutes';
  import { centsOf, price } from '../../lib/money';
  import { teamCurrency } from '../../lib/session';
  import { p } from '../../router';
  import Overtaken from '../../ui/Overtaken.svelte';
  import Said from '../../ui/Said.svelte';
  import Sheet from '../../ui/Sheet.svelte';
  import Choice from '../../ui/Choice.svelte';
  import Tick from '../../ui/Tick.svelte';

  let { open = $bindable(), board }: { open: boolean; board: LineBoard } = $props();

  interface Row {
    design: DesignTape;
    offered: boolean;
    rung: RungName | null;
    promise: string;
    price: string;
  }

  const VERSIONS = [
    { value: null, words: 'the whole design' },
    ...RungNameValues.map((value) => ({ value, words: value })),
  ];
  const currency = teamCurrency();
  const queryClient = useQueryClient();
  const work = new Submission();
  const designs = createQuery(() => ({
    queryKey: ['designs', 'whole'],
    queryFn: () => everyPage<DesignTape>('designs'),
    enabled: open,
  }));
  const draft = new Draft<Row[]>(
    () => (designs.data ?? []).map(rowOf),
    () => open && designs.data !== undefined,
  );
  const offered = $derived(draft.values.filter((row) => row.offered));
  /** Asked once before a menu is taken down whole. */
  let meansEmpty = $state(false);
  const asksEmpty = $derived(offered.length === 0 && board.menu.length > 0 && !meansEmpty);

  /** What is offered already keeps its terms; the rest starts from its own promise, or its minutes. */
  function rowOf(design: DesignTape): Row {
    const offer = board.menu.find((one) => one.designId === design.id);

    return {
      design,
      offered: offer !== undefined,
      rung: offer?.rung ?? null,
      promise: minutes(offer?.promiseMs ?? design.promiseMs ?? design.totalMs),
      price: price(offer?.priceCents ?? null, currency()),
    };
  }

  async function save(event: SubmitEvent) {
    event.preventDefault();
    if (asksEmpty) {
      meansEmpty = true;

      return;
    }
    meansEmpty = false;
    await work.run(async () => {
      const items = offered.map((row) => {
        const priceCents = centsOf(row.price, currency());
        if (priceCents === undefined) {
          throw new Error(`“${row.price}” is not a price for ${row.design.name}. Type it such as 4 or 4.50.`);
        }

        return { designId: row.design.id, rung: row.rung, promise: row.promise, priceCents };
      });
      const line = await api.put<LineBoard>(`days/${board.day.id}/menu`, { items });
      queryClient.setQueryData(['line', board.day.id], toldWhole(line));
      open = false;
    });
  }
</script>

<Sheet bind:open title="Menu of the day">
  {#if designs.data?.length === 0}
    <p class="text-lg">
      There are no designs yet. <a class="underline" href={p('/designs')}>Make one first.</a>
    </p>
  {:else}
    <Overtaken {draft} />
    <form onsubmit={save}>
      <Said message={work.general} />
      <div class="grid grid-cols-[1fr_6.5rem_5rem_5rem] gap-2 text-soft" aria-hidden="true">
        <span>offered</span><span>version</span><span>promise</span><span>price</span>
      </div>
      <ul>
        {#each draft.values as row (row.design.id)}
          <li
            class="grid grid-cols-[1fr_6.5rem_5rem_5rem] items-center gap-2 border-t border-seam py-1.5 max-sm:grid-cols-3 max-sm:[&>label]:col-span-3"
          >
            <Tick
              bind:checked={row.offered}
              disabled={row.design.totalMs === 0}
              onturn={() => (meansEmpty = false)}
            >
              <span class="text-lg leading-tight">
                {row.design.name}
                <span class="text-soft"
                  >{row.design.totalMs === 0 ? 'no steps yet' : minutes(row.design.totalMs)}</span
                >
              </span>
            </Tick>
            <Choice
              class="px-2"
              label="Version of {row.design.name}"
              disabled={!row.offered}
              bind:value={row.rung}
              options={VERSIONS}
            />
            <input
              class="field"
              aria-label="Promise for {row.design.name}"
              bind:value={row.promise}
              disabled={!row.offered}
            />
            <input
              class="field"
              aria-label="Price of {row.design.name}"
              placeholder="no price"
              bind:value={row.price}
              disabled={!row.offered}
            />
          </li>
        {/each}
      </ul>
      {#if meansEmpty && offered.length === 0}
        <p class="mt-3" role="status">
          Nothing is ticked. The {board.menu.length === 1 ? 'design' : `${board.menu.length} designs`} of this day
          would be gone from its menu.
        </p>
      {/if}
      <button type="submit" class="mt-4 key min-h-14 w-full text-lg key-ink" disabled={work.busy}
        >{meansEmpty && offered.length === 0 ? 'Take all of it down' : 'Put up the menu'}</button
      >
    </form>
  {/if}
</Sheet>
