export { moneyIn, useMoney, type Money } from './money';
export { default as MoneyChoice } from './MoneyChoice.vue';
export { default as PartsPanel } from './PartsPanel.vue';
export { useStock, type Stock } from './use-stock';
