<script lang="ts">
  import type { CheckKind, ChecklistSheet } from '../../api/types.gen';
  import { p } from '../../router';

  const { sheet }: { sheet: ChecklistSheet } = $props();

  const params = $derived({ id: sheet.day.id });
  const NAMES: Record<CheckKind, string> = {
    chance: 'Everybody painted',
    menu: 'Menu',
    roster: 'Who sits where',
    diary: 'Diary',
    money: 'Money',
    stock: 'Stock',
    water: 'Water',
    bags: 'Bags',
    packed: 'Packed',
    weather: 'Weather',
    ages: 'Ages',
    cautions: 'Each child',
  };
  const places = $derived<Partial<Record<CheckKind, string>>>({
    chance: p('/events/:id/plan', { params }),
    menu: p('/events/:id', { params }),
    roster: p('/events/:id', { params }),
    diary: p('/events'),
    stock: p('/events/:id/packing', { params }),
    bags: p('/kit'),
    packed: p('/events/:id/packing', { params }),
    weather: p('/events/:id/plan', { params }),
    ages: p('/events/:id/plan', { params }),
  });
  const open = $derived(sheet.checks.filter(({ isFine }) => !isFine).length);
</script>

<section aria-labelledby="before">
  <h2 id="before" class="text-2xl">
    {open === 0
      ? 'Nothing is left to do'
      : open === 1
        ? 'One thing is left to look at'
        : `${open} things are left to look at`}
  </h2>
  <ul class="mt-2 max-w-4xl">
    {#each sheet.checks as { kind, isFine, says } (kind)}
      <li
        class="grid grid-cols-[2.5rem_1fr] items-baseline gap-x-3 border-b border-seam py-2.5 text-lg sm:grid-cols-[2.5rem_11rem_1fr]"
      >
        <span class={['minutes text-2xl', isFine ? 'text-kelp' : 'text-rust']} aria-hidden="true"
          >{isFine ? '✓' : '!'}</span
        >
        <span class="font-semibold">
          {#if places[kind] === undefined}{NAMES[kind]}{:else}<a
              class="underline underline-offset-4"
              href={places[kind]}>{NAMES[kind]}</a
            >{/if}<span class="sr-only">{isFine ? ', fine' : ', to look at'}</span>
        </span>
        <span class="leading-snug max-sm:col-start-2">{says}</span>
      </li>
    {/each}
  </ul>
</section>
