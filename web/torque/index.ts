export { torqueViews } from './views';
export { default as PolicyTorque } from './PolicyTorque.vue';
export { default as ComesLoose } from './ComesLoose.vue';
export { useLooseJoints } from './use-loose-joints';
export { useTorqueRows } from './use-torque-card';
export { asSet } from './torque-wording';
