import type { RouteRecordRaw } from 'vue-router';

export const scheduleViews: readonly RouteRecordRaw[] = [
  {
    path: '/groups',
    name: 'groups',
    component: () => import('./GroupsView.vue'),
    meta: { title: 'Groups' },
  },
];
