import type { RouteRecordRaw } from 'vue-router';
import * as t from './messages';

export const modelsViews: readonly RouteRecordRaw[] = [
  {
    path: '/models',
    name: 'models',
    component: () => import('./ModelsView.vue'),
    meta: { title: t.models },
  },
  {
    path: '/models/new',
    name: 'model-new',
    component: () => import('./ModelFormView.vue'),
    meta: { title: t.newModel },
  },
  {
    path: '/models/:modelId',
    name: 'model',
    component: () => import('./ModelFormView.vue'),
    props: true,
    meta: { title: t.model },
  },
  {
    path: '/figures',
    name: 'figures',
    component: () => import('./FiguresView.vue'),
    meta: { title: t.figures },
  },
];
