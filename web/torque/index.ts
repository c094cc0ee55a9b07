export { torqueViews } from './views';
export { default as HouseTorque } from './HouseTorque.vue';
export { useTorqueRows } from './use-torque-card';
