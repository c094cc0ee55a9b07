import type { RouteRecordRaw } from 'vue-router';
import * as t from './messages';

export const eventPrepViews: readonly RouteRecordRaw[] = [
  {
    path: '/events',
    name: 'events',
    component: () => import('./EventsView.vue'),
    meta: { help: () => import('./help'), title: t.events, nav: { area: 'plan', order: 3 } },
  },
];
