export { jointsOf, type JointCaution } from './card-joints';
export { jointsTouched } from './joints-touched';
export { jointFoundLoose, LOOSE_FAULTS, looseJoints, type FoundLoose } from './loose-joints';
export { torqueCard, type StatedFigure, type StatedOn, type TorqueCardRow } from './torque-card';
export { nextPull, pullAnswer, type TorqueRun } from './torque-run';
