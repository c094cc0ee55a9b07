import type { RouteRecordRaw } from 'vue-router';

export const assessmentViews: readonly RouteRecordRaw[] = [
  {
    path: '/assessments/:assessmentId?',
    name: 'assessment',
    component: () => import('./AssessmentView.vue'),
    props: true,
    meta: { title: 'Assessment' },
  },
];
