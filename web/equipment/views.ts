import type { RouteRecordRaw } from 'vue-router';
import * as t from './messages';

export const equipmentViews: readonly RouteRecordRaw[] = [
  {
    path: '/equipment',
    name: 'equipment',
    component: () => import('./EquipmentView.vue'),
    meta: { help: () => import('./help'), title: t.equipment, under: 'tools' },
  },
];
