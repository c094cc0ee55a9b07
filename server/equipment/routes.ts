import { checkEquipment, listEquipment, setEquipment, withdrawEquipment } from '@cadre/contract/equipment';
import { answering, type Implemented } from '@cadre/server/platform/http';
import type { Equipment } from './service';

export const equipmentRoutes = (equipment: Equipment): readonly Implemented[] => [
  answering(listEquipment, async (_sent, actor) => equipment.list(actor)),
  answering(setEquipment, async ({ params, body }, actor) => equipment.set(actor, params.id, body)),
  answering(checkEquipment, async ({ params, body }, actor) => equipment.check(actor, params.id, body)),
  answering(withdrawEquipment, async ({ params, body }, actor) => equipment.withdraw(actor, params.id, body)),
];
