import type { RouteRecordRaw } from 'vue-router';
import * as t from './messages';

export const catalogueViews: readonly RouteRecordRaw[] = [
  {
    path: '/checklists',
    name: 'checklists',
    component: () => import('./ChecklistsView.vue'),
    meta: { title: t.checklists },
  },
  {
    path: '/checklists/new',
    name: 'checklist-new',
    component: () => import('./ChecklistEditView.vue'),
    meta: { title: t.newChecklist2 },
  },
  {
    path: '/checklists/:checklistKey',
    name: 'checklist',
    component: () => import('./ChecklistView.vue'),
    props: true,
    meta: { title: t.checklist },
  },
  {
    path: '/checklists/:checklistKey/edit',
    name: 'checklist-edit',
    component: () => import('./ChecklistEditView.vue'),
    props: true,
    meta: { title: t.changeChecklist },
  },
  {
    path: '/catalogue/:checkpointKey?',
    name: 'catalogue',
    component: () => import('./CatalogueView.vue'),
    props: true,
    meta: { title: t.checkpoints },
  },
];
