<script lang="ts">
  import type { Severity } from '../../../api/types.gen';

  const { severity }: { severity: Severity } = $props();

  const fills: Record<Severity, string> = { stop: '#b23f14', warn: '#f5c53b', tip: '#1d7267' };
  const words: Record<Severity, string> = { stop: 'stop', warn: 'look out', tip: 'could be quicker' };
</script>

<svg width="12" height="20" viewBox="0 0 12 20" class="shrink-0" role="img" aria-label={words[severity]}>
  <path d="M2 1v18M2 2h9l-3 4 3 4H2" fill={fills[severity]} stroke="#1b2630" stroke-width="1.8" />
</svg>
