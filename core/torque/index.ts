export { jointsOf, type JointCaution } from './card-joints';
export { jointsTouched } from './joints-touched';
export { torqueCard, type StatedFigure, type StatedOn, type TorqueCardRow } from './torque-card';
