export { JOINT_CAUTIONS, jointsOf, type CardJoint, type JointCaution } from './card-joints';
export { jointsTouched } from './joints-touched';
export {
  STATED_ON,
  torqueCard,
  TORQUE_WAYS,
  type StatedFigure,
  type StatedOn,
  type TorqueCardRow,
  type TorqueWay,
} from './torque-card';
