<script lang="ts">
  import { p } from '../router';
</script>

<div class="mx-auto flex max-w-xl grow flex-col justify-center gap-4 p-8">
  <h1 class="text-3xl">Nothing is kept under this address</h1>
  <p class="text-lg">It may have been removed. <a class="underline" href={p('/')}>Go to the chair</a>.</p>
</div>
