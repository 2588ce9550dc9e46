import { svelte } from '@sveltejs/vite-plugin-svelte';
import { defineConfig } from 'vitest/config';

export default defineConfig({
  plugins: [svelte()],
  // Components are mounted as a browser would.
  resolve: { conditions: ['browser'] },
  test: { environment: 'jsdom', include: ['tests/Front/**/*.test.ts'] },
});
