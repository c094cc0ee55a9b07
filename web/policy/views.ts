import type { RouteRecordRaw } from 'vue-router';

export const policyViews: readonly RouteRecordRaw[] = [
  {
    path: '/policy',
    name: 'policy',
    component: () => import('./PolicyView.vue'),
    meta: { title: 'Policy' },
  },
  {
    path: '/routes',
    name: 'routes',
    component: () => import('./RoutesView.vue'),
    meta: { title: 'Routes' },
  },
];
