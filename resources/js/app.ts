import '../css/app.css';
import { mount } from 'svelte';
import App from './App.svelte';
import { followBuilds } from './lib/new-build';

const target = document.getElementById('app');
if (target !== null) {
  mount(App, { target });
}
if (import.meta.env.PROD && 'serviceWorker' in navigator) {
  void followBuilds('/sw.js');
}
// A room of the build before this one is gone: the page is of that build too.
addEventListener('vite:preloadError', () => location.reload());
