export { instrumentViews } from './views';
export { default as InstrumentSays } from './InstrumentSays.vue';
export { instrumentUnitOf, useInstrumentField, type InstrumentField } from './use-instrument-field';
export { useInstruments } from './use-instruments';
