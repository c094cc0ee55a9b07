export { chargeVerdict, healthVerdict } from './battery';
export { BEARINGS, findBearings } from './bearings';
export {
  CHAIN_PRESETS,
  chainLimits,
  chainVerdict,
  elongationByGauge,
  elongationByLength,
  elongationByRuler,
  type ChainPreset,
  type ChainRun,
} from './chain';
export { slackVerdict } from './chain-slack';
export { costOfWaiting, assessment, repairCost } from './cost';
export { discPadVerdicts } from './disc-pad';
export { faultOf, faultsTold, settles } from './fault-of';
export { hangerVerdict } from './hanger';
export { isHealed, mostWorn, wears } from './healed';
export { INTERVAL_COUNTS, intervalSince, type Counted, type IntervalCount } from './interval';
export { leak, sitePressure, type Leak, type LeakAnswer } from './leak';
export {
  bandOn,
  judgeReading,
  OWN_LIMIT_SEVERITIES,
  speaksAgainst,
  windowOn,
  type MeasuredOn,
  type OwnLimitSeverity,
  type OwnReadingLimit,
  type Taken,
} from './judge-reading';
export { leverShare, leverVerdict } from './lever-travel';
export {
  isLimitKey,
  LIMIT_KEYS,
  LIMIT_SOURCES,
  limitIssues,
  limitOf,
  LIMITS,
  type LimitChoices,
  type LimitKey,
  type LimitSource,
  type Sourced,
} from './limits';
export { type Measured } from './measured';
export { isMeasure, MEASURES, type Measure } from './measures';
export { readNumber, readQuantity, type Unit } from './quantity';
export {
  bareUnitOf,
  METHODS,
  readReading,
  takesOneReading,
  takesReading,
  valuesOf,
  type LikelySlip,
} from './reading';
export { rimPadVerdict } from './rim-pad';
export { rimTrackVerdict } from './rim-track';
export { rotorVerdicts, type RotorMarkings } from './rotor';
export { runOutVerdict, widestDifference } from './run-out';
export { scaleOf, type Scale } from './scale';
export { spokesVerdicts, type SpokesAnswer } from './spokes';
export {
  SAG_BANDS,
  sagBand,
  sagPressure,
  sagShare,
  sagVerdict,
  usedTravel,
  type SagBand,
} from './suspension';
export {
  boltOrder,
  handForce,
  torqueFor,
  wrenchSetting,
  type StatedTorque,
  type TorqueAnswer,
} from './torque';
export { SURFACES, tyreStart, WHEEL_SHARE, type TyreRide } from './tyre-start';
export { usualPressure } from './usual-pressure';
export { pressureVerdict, tyreWindow, type PressureWindow } from './tyre-window';
export { convert, UNITS, type WrittenUnit } from './units';
export { TYPICAL_OUTING, usageOf } from './usage';
export {
  BECOMES,
  isWorseVerdict,
  NEXT_STEPS,
  VERDICT_OUTCOMES,
  type NextStep,
  type Verdict,
} from './verdict';
export { MARKINGS_AT_STAND, wantedMarkings } from './wanted-marking';
