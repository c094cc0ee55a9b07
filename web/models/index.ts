export { modelsViews } from './views';
export { default as BothSides, type Differing } from './BothSides.vue';
export { default as BuildFields } from './BuildFields.vue';
export { default as FitFields } from './FitFields.vue';
export { differingFit, mergeFit } from './merge-fit';
export { useBuildForm } from './use-build-form';
