import type { RouteRecordRaw } from 'vue-router';
import * as t from './messages';

export const scheduleViews: readonly RouteRecordRaw[] = [
  {
    path: '/groups',
    name: 'groups',
    component: () => import('./GroupsView.vue'),
    meta: { help: () => import('./help'), title: t.groups, nav: { area: 'plan', order: 1 } },
  },
  {
    path: '/opening-days',
    name: 'opening-days',
    component: () => import('./OpeningView.vue'),
    meta: { help: () => import('./help-opening'), title: t.openingDays, nav: { area: 'plan', order: 2 } },
  },
];
