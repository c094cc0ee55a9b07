import type { RouteRecordRaw } from 'vue-router';

export const wallViews: readonly RouteRecordRaw[] = [
  {
    path: '/',
    name: 'wall',
    component: () => import('./WallView.vue'),
    meta: { title: 'Rack wall' },
  },
];
