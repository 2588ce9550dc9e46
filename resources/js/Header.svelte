<script lang="ts">
  import type { SessionState } from './api/types.gen';
  import SignOut from './rooms/account/sign-in/SignOut.svelte';
  import { p, route } from './router';

  const { session }: { session: SessionState } = $props();

  const allRooms = [
    { name: 'Kit', path: p('/kit') },
    { name: 'Designs', path: p('/designs') },
    { name: 'Menu', path: p('/menu') },
    { name: 'Events', path: p('/events') },
    { name: 'Chair', path: p('/') },
    { name: 'Logbook', path: p('/logbook') },
    { name: 'Practice', path: p('/practice') },
  ];
  /** Whoever does not paint takes names and calls: the days are all there is to do. */
  const rooms = $derived(
    session.role === 'helper' ? allRooms.filter(({ name }) => name === 'Events') : allRooms,
  );
  const isHere = (path: string) => (path === '/' ? route.pathname === '/' : route.pathname.startsWith(path));
</script>

<header class="flex flex-wrap items-end gap-x-6 border-b-2 border-ink bg-card px-3 pt-2 sm:px-5 print:hidden">
  <a
    href={p('/')}
    class="hidden pb-2.5 font-display text-[22px] font-extrabold tracking-tight sm:block low:hidden"
    >Inch Timer</a
  >
  <nav aria-label="Rooms" class="-mb-0.5 flex grow">
    {#each rooms as { name, path } (path)}
      <a
        href={path}
        aria-current={isHere(path) ? 'page' : undefined}
        class={[
          'flex min-h-11 grow items-center justify-center rounded-t-md border-2 border-b-0 px-0.5 text-[13px] font-semibold sm:grow-0 sm:px-4 sm:text-base',
          isHere(path) ? 'border-ink bg-paper text-ink' : 'border-transparent text-soft hover:text-ink',
        ]}>{name}</a
      >
    {/each}
  </nav>
  <div class="hidden items-center gap-4 pb-2 text-[15px] text-soft sm:flex low:hidden">
    <a class="min-h-11 content-center underline decoration-2 underline-offset-4" href={p('/team')}
      >{session.teamName} · {session.userName}</a
    >
    <SignOut words="Sign out" class="min-h-11 underline decoration-2 underline-offset-4" />
  </div>
</header>
