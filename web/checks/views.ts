import type { RouteRecordRaw } from 'vue-router';

export const checksViews: readonly RouteRecordRaw[] = [
  {
    path: '/stand/:bikeId',
    name: 'stand',
    component: () => import('./StandView.vue'),
    props: true,
    meta: { title: 'Stand' },
  },
  {
    path: '/checks/:checkId',
    name: 'check',
    component: () => import('./CheckView.vue'),
    props: true,
    meta: { title: 'Check' },
  },
];
