import type { RouteRecordRaw } from 'vue-router';

export const torqueViews: readonly RouteRecordRaw[] = [
  {
    path: '/bikes/:bikeId/torque',
    name: 'torque',
    component: () => import('./TorqueView.vue'),
    props: true,
    meta: { title: 'Torque card' },
  },
];
