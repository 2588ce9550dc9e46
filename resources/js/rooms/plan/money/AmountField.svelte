<script lang="ts">
  import { centsOf, price } from '../../../lib/money';
  import Said from '../../../ui/Said.svelte';

  interface Props {
    label: string;
    cents: number | null;
    currency: string;
    placeholder?: string;
    keep: (cents: number | null) => void;
  }

  const { label, cents, currency, placeholder = '', keep }: Props = $props();

  let wrong = $state('');

  function read(typed: string) {
    const amount = centsOf(typed, currency);
    wrong = amount === undefined ? `“${typed}” is no amount. Type it such as ${price(18050, currency)}.` : '';
    if (amount !== undefined) {
      keep(amount);
    }
  }
</script>

<label class="block">
  <span class="text-soft">{label}</span>
  <input
    class="mt-1 field"
    inputmode="decimal"
    {placeholder}
    value={price(cents, currency)}
    onchange={({ currentTarget }) => read(currentTarget.value)}
  />
  <Said message={wrong} />
</label>
