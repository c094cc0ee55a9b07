import type { RouteRecordRaw } from 'vue-router';
import * as t from './messages';

export const assessmentViews: readonly RouteRecordRaw[] = [
  {
    path: '/assessments/:assessmentId?',
    name: 'assessment',
    component: () => import('./AssessmentView.vue'),
    props: true,
    meta: { help: () => import('./help'), title: t.assessment, nav: { area: 'fleet', order: 3 } },
  },
];
