export { default as ActButton } from './ActButton.vue';
export { default as CautionLine } from './CautionLine.vue';
export { default as FitnessMark } from './FitnessMark.vue';
export { default as NoticePlate } from './NoticePlate.vue';
export { default as OutcomeMark } from './OutcomeMark.vue';
export { useRefusal, type Refusal } from './use-refusal';
export { default as ChoiceField } from './ChoiceField.vue';
export { default as TextField } from './TextField.vue';
export { useDragPlace } from './use-drag-place';
