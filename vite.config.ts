import { createHash } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { svelte } from '@sveltejs/vite-plugin-svelte';
import tailwindcss from '@tailwindcss/vite';
import laravel from 'laravel-vite-plugin';
import { VitePWA } from 'vite-plugin-pwa';
import { defineConfig } from 'vite';

/** The shell is made by the server and names the built files, so that it changes whenever their list does. */
const revisionOf = (file: string): string =>
  createHash('sha256').update(readFileSync(file)).digest('hex').slice(0, 16);

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
      registerType: 'prompt',
      workbox: {
        globDirectory: 'public/build',
        globPatterns: ['assets/**/*.{js,css,woff2}'],
        modifyURLPrefix: { '': '/build/' },
        inlineWorkboxRuntime: true,
        sourcemap: false,
        navigateFallback: '/',
        navigateFallbackDenylist: [/^\/api\//, /^\/board\//, /^\/calendar\//, /^\/up$/],
        clientsClaim: true,
        // It waits until nothing is under the hand: resources/js/lib/new-build.ts.
        skipWaiting: false,
        manifestTransforms: [
          (entries) => ({
            manifest: [
              ...entries,
              { url: '/', revision: revisionOf('public/build/manifest.json'), size: 0 },
              ...['/icon.svg', '/manifest.webmanifest', '/icons/icon-192.png', '/icons/icon-512.png'].map(
                (url) => ({
                  url,
                  revision: revisionOf(`public${url}`),
                  size: 0,
                }),
              ),
            ],
          }),
        ],
      },
    }),
  ],
});
