export {
  ACCESSORIES,
  ASSISTS,
  BARS,
  BIKE_KINDS,
  BRAKES,
  brakesAt,
  BUILD_FIELDS,
  BUILD_WORDS,
  buildText,
  differingFields,
  FORKS,
  FRAME_SHAPES,
  GEARS,
  HEADSETS,
  inheritBuild,
  MATERIALS,
  REAR_SUSPENSIONS,
  RETENTIONS,
  SEATPOSTS,
  SECOND_BRAKES,
  TRANSMISSIONS,
  TYRES,
  WHEEL_SIZES,
  type Accessory,
  type BikeKind,
  type BrakeType,
  type Build,
  type BuildField,
  type BuildWord,
  type FrameShape,
  type WheelSize,
} from './build';
export {
  FIT_ITEMS,
  FIT_TOPICS,
  fitIssues,
  fitItem,
  fitItemsOf,
  type FitItem,
  type FitTopic,
} from './fit/fit';
export { inheritFit, type FitList } from './fit/fit-list';
export { JOINTS, type Joint, type TorqueByJoint } from './joint';
export { USUAL_BUILD } from './kinds';
export type { Model } from './model';
export {
  BEARING_PLACES,
  FITMENT_POSITIONS,
  isMissed,
  MISMATCHES,
  onlyPlace,
  PART_KINDS,
  partMismatches,
  positionsOfPart,
  sitsOnWheel,
  type FitmentPosition,
  type Mismatch,
  type Part,
  type PartFacts,
  type PartKind,
} from './part';
export { indexFor, searchBikes, tokensOf } from './search';
export { plain, sizeKey } from './plain';
export { accessoriesIn, kindIn, sprocketsIn, wordFor, type ReadWord } from './vocabulary/vocabulary';
export { WHEREABOUTS, type Whereabouts } from './whereabouts';
