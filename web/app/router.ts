import { createRouter, createWebHistory, type Router } from 'vue-router';
import { useFleet } from '@cadre/web/fleet';
import { useSession } from '@cadre/web/people';

export function createAppRouter(): Router {
  const router = createRouter({
    history: createWebHistory(),
    routes: [
      {
        path: '/',
        name: 'wall',
        component: () => import('../fleet/WallView.vue'),
        meta: { title: 'Rack wall' },
      },
      {
        path: '/stand/:bikeId',
        name: 'stand',
        component: () => import('../checks/StandView.vue'),
        props: true,
        meta: { title: 'Stand' },
      },
      {
        path: '/line',
        name: 'line',
        component: () => import('../line/LineView.vue'),
        meta: { title: 'Line' },
      },
      {
        path: '/rounds',
        name: 'rounds',
        component: () => import('../rounds/RoundsView.vue'),
        meta: { title: 'Rounds' },
      },
      {
        path: '/rounds/:roundId',
        name: 'round',
        component: () => import('../rounds/RoundView.vue'),
        props: true,
        meta: { title: 'Round' },
      },
      {
        path: '/patterns',
        name: 'patterns',
        component: () => import('../checks/PatternsView.vue'),
        meta: { title: 'Patterns' },
      },
      {
        path: '/checks/:checkId',
        name: 'check',
        component: () => import('../checks/CheckView.vue'),
        props: true,
        meta: { title: 'Check' },
      },
      {
        path: '/paper',
        name: 'paper',
        component: () => import('../line/PaperView.vue'),
        meta: { title: 'Paper sheet' },
      },
      {
        path: '/bench/:bikeId?',
        name: 'bench',
        component: () => import('../repairs/BenchView.vue'),
        props: true,
        meta: { title: 'Bench' },
      },
      {
        path: '/stock',
        name: 'stock',
        component: () => import('../parts/StockView.vue'),
        meta: { title: 'Parts' },
      },
      {
        path: '/bikes/:bikeId/record',
        name: 'record',
        component: () => import('../records/RecordView.vue'),
        props: true,
        meta: { title: 'Record of a bike' },
      },
      {
        path: '/bikes/:bikeId/warranty',
        name: 'warranty',
        component: () => import('../repairs/WarrantyView.vue'),
        props: true,
        meta: { title: 'Question to the maker' },
      },
      {
        path: '/bikes/:bikeId/hang-tag',
        name: 'hold-tag',
        component: () => import('../repairs/HoldTagView.vue'),
        props: true,
        meta: { title: 'Hang-tag' },
      },
      {
        path: '/costs',
        name: 'costs',
        component: () => import('../repairs/CostsView.vue'),
        meta: { title: 'Costs' },
      },
      {
        path: '/intake/:intakeId?',
        name: 'intake',
        component: () => import('../intake/IntakeView.vue'),
        props: true,
        meta: { title: 'Intake' },
      },
      {
        path: '/findings',
        name: 'findings',
        component: () => import('../findings/FindingsView.vue'),
        meta: { title: 'Findings' },
      },
      {
        path: '/bikes/new',
        name: 'bike-new',
        component: () => import('../fleet/BikeFormView.vue'),
        meta: { title: 'New bike' },
      },
      {
        path: '/bikes/:bikeId/edit',
        name: 'bike-edit',
        component: () => import('../fleet/BikeFormView.vue'),
        props: true,
        meta: { title: 'Edit bike' },
      },
      {
        path: '/bikes/:bikeId',
        name: 'bike',
        component: () => import('../fleet/BikeView.vue'),
        props: true,
        meta: { title: 'Bike' },
      },
      {
        path: '/bikes/:bikeId/torque',
        name: 'torque',
        component: () => import('../torque/TorqueView.vue'),
        props: true,
        meta: { title: 'Torque card' },
      },
      {
        path: '/models',
        name: 'models',
        component: () => import('../fleet/ModelsView.vue'),
        meta: { title: 'Models' },
      },
      {
        path: '/models/new',
        name: 'model-new',
        component: () => import('../fleet/ModelFormView.vue'),
        meta: { title: 'New model' },
      },
      {
        path: '/models/:modelId',
        name: 'model',
        component: () => import('../fleet/ModelFormView.vue'),
        props: true,
        meta: { title: 'Model' },
      },
      {
        path: '/figures',
        name: 'figures',
        component: () => import('../fleet/FiguresView.vue'),
        meta: { title: 'Figures' },
      },
      {
        path: '/groups',
        name: 'groups',
        component: () => import('../schedule/GroupsView.vue'),
        meta: { title: 'Groups' },
      },
      {
        path: '/lists',
        name: 'exchange',
        component: () => import('../exchange/ExchangeView.vue'),
        meta: { title: 'Lists in and out' },
      },
      {
        path: '/sheets',
        name: 'sheets',
        component: () => import('../catalogue/SheetsView.vue'),
        meta: { title: 'Sheets' },
      },
      {
        path: '/sheets/new',
        name: 'sheet-new',
        component: () => import('../catalogue/SheetEditView.vue'),
        meta: { title: 'New sheet' },
      },
      {
        path: '/sheets/:sheetKey',
        name: 'sheet',
        component: () => import('../catalogue/SheetView.vue'),
        props: true,
        meta: { title: 'Sheet' },
      },
      {
        path: '/sheets/:sheetKey/edit',
        name: 'sheet-edit',
        component: () => import('../catalogue/SheetEditView.vue'),
        props: true,
        meta: { title: 'Change a sheet' },
      },
      {
        path: '/catalogue/:checkpointKey?',
        name: 'catalogue',
        component: () => import('../catalogue/CatalogueView.vue'),
        props: true,
        meta: { title: 'Checkpoints' },
      },
      {
        path: '/routes',
        name: 'routes',
        component: () => import('../catalogue/RoutesView.vue'),
        meta: { title: 'Routes' },
      },
      {
        path: '/policy',
        name: 'policy',
        component: () => import('../catalogue/PolicyView.vue'),
        meta: { title: 'Policy' },
      },
      {
        path: '/tools/:tool?',
        name: 'tools',
        component: () => import('../tools/ToolsView.vue'),
        props: true,
        meta: { title: 'Tools' },
      },
      {
        path: '/people',
        name: 'people',
        component: () => import('../people/PeopleView.vue'),
        meta: { title: 'People and setup' },
      },
      {
        path: '/sign-in',
        name: 'sign-in',
        component: () => import('../people/SignInView.vue'),
        meta: { title: 'Sign in', open: true },
      },
      {
        path: '/:rest(.*)*',
        name: 'nowhere',
        component: () => import('./NowhereView.vue'),
        meta: { title: 'Not here' },
      },
    ],
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
