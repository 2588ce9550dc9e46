import { createRouter } from 'sv-router';
import Chair from './rooms/line/Chair.svelte';

/** The chair is at hand at once; the other rooms are fetched when they are entered. */
// eslint-disable-next-line @typescript-eslint/unbound-method -- the router's functions do without `this`
export const { p, navigate, route } = createRouter({
  '/': Chair,
  '/designs': () => import('./rooms/bench/shelf/Designs.svelte'),
  '/designs/:id': () => import('./rooms/bench/Bench.svelte'),
  '/kit': () => import('./rooms/kit/Kit.svelte'),
  '/designs/:id/picture': () => import('./rooms/bench/PictureAlone.svelte'),
  '/shapes': () => import('./rooms/bench/shelf/Shapes.svelte'),
  '/menu': () => import('./rooms/menu/Menus.svelte'),
  '/menu/:id': () => import('./rooms/menu/OneMenu.svelte'),
  '/menu/:id/board': () => import('./rooms/menu/BoardOfMenu.svelte'),
  '/events': () => import('./rooms/plan/Events.svelte'),
  '/events/:id': () => import('./rooms/plan/EventDay.svelte'),
  '/events/:id/plan': () => import('./rooms/plan/forecast/PlanOfDay.svelte'),
  '/events/:id/money': () => import('./rooms/plan/money/Money.svelte'),
  '/events/:id/before': () => import('./rooms/plan/Before.svelte'),
  '/events/:id/packing': () => import('./rooms/plan/packing/Packing.svelte'),
  '/practice': () => import('./rooms/practice/Practice.svelte'),
  '/logbook': () => import('./rooms/logbook/Logbook.svelte'),
  '/logbook/:id': () => import('./rooms/logbook/DayPage.svelte'),
  '/team': () => import('./rooms/account/Team.svelte'),
  '*': () => import('./rooms/NotFound.svelte'),
});

/** The id that the address names; empty in a room without one, and while a room is being left. */
export function idInAddress(): string {
  const params: Record<string, string | undefined> = route.params;

  return params['id'] ?? '';
}
