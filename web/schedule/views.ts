import type { RouteRecordRaw } from 'vue-router';
import * as t from './messages';

export const scheduleViews: readonly RouteRecordRaw[] = [
  {
    path: '/groups',
    name: 'groups',
    component: () => import('./GroupsView.vue'),
    meta: { title: t.groups },
  },
];
