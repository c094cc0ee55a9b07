export { torqueViews } from './views';
export { default as PolicyTorque } from './PolicyTorque.vue';
export { useTorqueRows } from './use-torque-card';
