export { judgeReLook, needingSecondPerson, type ReLookInput } from './judge-re-look';
export { reLookSheet } from './re-look';
export { positionsOfTouch, RE_LOOK_TABLE, TOUCHES, usualTouches, type Touch, type Touched } from './touches';
