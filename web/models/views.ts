import type { RouteRecordRaw } from 'vue-router';
import * as t from './messages';

export const modelsViews: readonly RouteRecordRaw[] = [
  {
    path: '/models',
    name: 'models',
    component: () => import('./ModelsView.vue'),
    meta: { help: () => import('./help'), title: t.models, nav: { area: 'fleet', order: 1 } },
  },
  {
    path: '/models/new',
    name: 'model-new',
    component: () => import('./ModelFormView.vue'),
    meta: { title: t.newModel, under: 'models', command: { label: t.addModel, act: 'edit-fleet' } },
  },
  {
    path: '/models/:modelId',
    name: 'model',
    component: () => import('./ModelFormView.vue'),
    props: true,
    meta: { title: t.model, under: 'models' },
  },
  {
    path: '/figures',
    name: 'figures',
    component: () => import('./FiguresView.vue'),
    meta: { help: () => import('./help-figures'), title: t.bikeFigures, nav: { area: 'learn', order: 2 } },
  },
];
