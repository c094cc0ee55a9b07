export { shortDay, WEEKDAYS } from './opening-wording';
export { scheduleViews } from './views';
export { default as BikeChoice } from './BikeChoice.vue';
export { default as ChosenBikes } from './ChosenBikes.vue';
export { default as DayCounts } from './DayCounts.vue';
export { default as DayLine } from './DayLine.vue';
export { default as GroupStrip } from './GroupStrip.vue';
export { useCandidates } from './use-candidates';
export { useChosenBikes } from './use-chosen-bikes';
