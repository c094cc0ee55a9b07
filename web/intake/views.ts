import type { RouteRecordRaw } from 'vue-router';

export const intakeViews: readonly RouteRecordRaw[] = [
  {
    path: '/intake/:intakeId?',
    name: 'intake',
    component: () => import('./IntakeView.vue'),
    props: true,
    meta: { title: 'Intake' },
  },
];
