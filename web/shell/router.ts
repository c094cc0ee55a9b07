import { createRouter, createWebHistory, type Router } from 'vue-router';
import { useFleet } from '@cadre/web/fleet';
import { useSession } from '@cadre/web/people';
import { VIEWS } from './views';

export function createAppRouter(): Router {
  const router = createRouter({
    history: createWebHistory(),
    routes: [...VIEWS],
  });
  let fleetAsked = false;
  router.beforeEach(async (to) => {
    const session = useSession();
    const known = session.load();
    // The wall too: nearly every view stands on it.
    if (!to.meta.open && !fleetAsked) {
      fleetAsked = true;
      void useFleet().loadAhead();
    }
    // Its code is fetched while the server is asked who this is; what fails to come is told when the view is opened.
    for (const { components } of to.matched) {
      const view: unknown = components?.default;
      // Once it has come it stands there itself instead of the way to fetch it.
      if (typeof view === 'function') void (view as () => Promise<unknown>)().catch(() => undefined);
    }
    await known;
    if (to.meta.open) return true;
    return session.person ? true : { name: 'sign-in', query: to.fullPath === '/' ? {} : { to: to.fullPath } };
  });
  router.afterEach((to) => {
    document.title = `${String(to.meta.title ?? '')} · Cadre`;
  });
  return router;
}
