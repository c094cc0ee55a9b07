export { partsViews } from './views';
export { default as MoneyChoice } from './MoneyChoice.vue';
export { default as PartsPanel } from './PartsPanel.vue';
export { useMoney } from './money';
export { useStock } from './use-stock';
