export { equipmentViews } from './views';
export { standing, useEquipment } from './use-equipment';
export { useWrench, type WrenchAtHand } from './use-wrench';
export { default as WrenchChoice } from './WrenchChoice.vue';
