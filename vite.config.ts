import { createHash } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { svelte } from '@sveltejs/vite-plugin-svelte';
import tailwindcss from '@tailwindcss/vite';
import laravel from 'laravel-vite-plugin';
import { VitePWA } from 'vite-plugin-pwa';
import { defineConfig } from 'vite';

/** The shell is made by the server and names the built files, so it changes whenever they do. */
const shellRevision = (manifest: string): string =>
  createHash('sha256').update(readFileSync(manifest)).digest('hex').slice(0, 16);

export default defineConfig({
  build: { target: 'es2023', sourcemap: false },
  plugins: [
    laravel({ input: ['resources/js/app.ts', 'resources/js/board.ts'], refresh: false }),
    svelte(),
    tailwindcss(),
    VitePWA({
      outDir: 'public',
      scope: '/',
      base: '/',
      buildBase: '/build/',
      injectRegister: false,
      manifest: false,
      registerType: 'autoUpdate',
      workbox: {
        globDirectory: 'public/build',
        globPatterns: ['assets/**/*.{js,css,woff2}'],
        modifyURLPrefix: { '': '/build/' },
        inlineWorkboxRuntime: true,
        sourcemap: false,
        navigateFallback: '/',
        navigateFallbackDenylist: [/^\/api\//, /^\/board\//, /^\/calendar\//, /^\/up$/],
        clientsClaim: true,
        skipWaiting: true,
        manifestTransforms: [
          (entries) => ({
            manifest: [
              ...entries,
              { url: '/', revision: shellRevision('public/build/manifest.json'), size: 0 },
              { url: '/icon.svg', revision: '1', size: 0 },
            ],
          }),
        ],
      },
    }),
  ],
});
