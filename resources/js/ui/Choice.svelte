<script lang="ts" generics="T extends string | number | boolean | null">
  import Check from '@lucide/svelte/icons/check';
  import ChevronDown from '@lucide/svelte/icons/chevron-down';
  import { Select } from 'bits-ui';
  import type { ClassValue } from 'svelte/elements';

  interface Props {
    /** Read out, and seen above the field if there is a caption. */
    label: string;
    caption?: 'strong' | 'soft' | 'none';
    /** What stands chosen; what is none of the options leaves the field at its hint. */
    value: T;
    options: readonly { value: T; words: string }[];
    /** What the field says while nothing is chosen. */
    hint?: string;
    disabled?: boolean;
    /** As words in a line, without the box of a field. */
    plain?: boolean;
    /** Of the field; its width, mostly. */
    class?: ClassValue;
    onchoose?: (value: T) => void;
  }

  let {
    label,
    caption = 'none',
    value = $bindable(),
    options,
    hint = '',
    disabled = false,
    plain = false,
    class: look = '',
    onchoose,
  }: Props = $props();

  // The list knows its items by their place: a value may be null, a number or a yes.
  const items = $derived(options.map(({ words }, at) => ({ value: String(at), label: words })));
  const at = $derived(options.findIndex((option) => option.value === value));
  const key = $derived(at === -1 ? '' : String(at));

  function take(chosen: string) {
    const option = options[Number(chosen)];
    if (chosen !== '' && option !== undefined) {
      value = option.value;
      onchoose?.(option.value);
    }
  }
</script>

{#snippet field()}
  <Select.Root type="single" bind:value={() => key, take} {items} {disabled}>
    <Select.Trigger
      aria-label={label}
      class={[
        'inline-flex cursor-pointer items-center justify-between gap-2 text-left disabled:opacity-45',
        plain ? 'min-h-11 max-w-full font-semibold' : 'field font-normal',
        caption !== 'none' && 'mt-1',
        look,
      ]}
    >
      <span class={['min-w-0 truncate', at === -1 && 'text-soft']}>{options[at]?.words ?? hint}</span>
      <ChevronDown class="size-4 shrink-0" strokeWidth={3} aria-hidden="true" />
    </Select.Trigger>
    <Select.Portal>
      <Select.Content
        class="z-60 max-h-[min(26rem,var(--bits-select-content-available-height))] min-w-(--bits-select-anchor-width) overflow-y-auto rounded-lg border-2 border-ink bg-paper py-1"
        align="start"
        sideOffset={4}
        collisionPadding={8}
      >
        {#each items as item (item.value)}
          <Select.Item
            class="flex min-h-11 cursor-pointer items-center gap-3 px-3 text-lg outline-none data-highlighted:bg-ink data-highlighted:text-paper data-selected:font-bold"
            {...item}
          >
            {#snippet children({ selected })}
              <Check
                class={['size-4 shrink-0', !selected && 'invisible']}
                strokeWidth={3.5}
                aria-hidden="true"
              />
              {item.label}
            {/snippet}
          </Select.Item>
        {/each}
      </Select.Content>
    </Select.Portal>
  </Select.Root>
{/snippet}

{#if caption === 'none'}
  {@render field()}
{:else}
  <!-- Its words open the list as the field does; the list itself stands elsewhere on the page. -->
  <label class="block">
    <span class={['block', caption === 'strong' ? 'font-semibold' : 'text-soft']}>{label}</span>
    {@render field()}
  </label>
{/if}
