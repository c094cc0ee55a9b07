import type { RouteRecordRaw } from 'vue-router';

export const assessmentViews: readonly RouteRecordRaw[] = [
  {
    path: '/intake/:assessmentId?',
    name: 'assessment',
    component: () => import('./AssessmentView.vue'),
    props: true,
    meta: { title: 'Assessment' },
  },
];
