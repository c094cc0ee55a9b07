import type { RouteRecordRaw } from 'vue-router';
import * as t from './messages';

export const catalogueViews: readonly RouteRecordRaw[] = [
  {
    path: '/checklists',
    name: 'checklists',
    component: () => import('./ChecklistsView.vue'),
    meta: {
      help: () => import('./help'),
      title: t.checklists,
      nav: { area: 'setup', order: 1, act: 'mark' },
    },
  },
  {
    path: '/checklists/new',
    name: 'checklist-new',
    component: () => import('./ChecklistEditView.vue'),
    meta: {
      title: t.newChecklist,
      under: 'checklists',
      command: { label: t.newChecklist, act: 'edit-program' },
    },
  },
  {
    path: '/checklists/:checklistKey',
    name: 'checklist',
    component: () => import('./ChecklistView.vue'),
    props: true,
    meta: { title: t.checklist, under: 'checklists' },
  },
  {
    path: '/checklists/:checklistKey/edit',
    name: 'checklist-edit',
    component: () => import('./ChecklistEditView.vue'),
    props: true,
    meta: { title: t.editChecklist, under: 'checklists' },
  },
  {
    path: '/catalogue/:checkpointKey?',
    name: 'catalogue',
    component: () => import('./CatalogueView.vue'),
    props: true,
    meta: {
      help: () => import('./help-checkpoints'),
      title: t.checkpoints,
      nav: { area: 'learn', order: 1 },
    },
  },
];
