export { chargeVerdict, healthVerdict } from './battery';
export { BEARINGS, findBearings, type Bearing, type FoundBearing } from './bearings';
export {
  CHAIN_METHODS,
  CHAIN_PRESETS,
  chainLimits,
  chainVerdict,
  elongationByGauge,
  elongationByLength,
  elongationByRuler,
  GAUGE_BANDS,
  type ChainLimits,
  type ChainMethod,
  type ChainPreset,
  type ChainRun,
} from './chain';
export { slackVerdict } from './chain-slack';
export { costOfWaiting, intake, repairCost, type IntakeAnswer, type Waiting, type Work } from './cost';
export { discPadVerdicts, PAD_METHODS, type PadMarkings, type PadMethod } from './disc-pad';
export { faultOf, faultsTold, settles } from './fault-of';
export { hangerVerdict } from './hanger';
export { isHealed, mostWorn, wears } from './healed';
export {
  INTERVAL_COUNTS,
  intervalSince,
  type Counted,
  type IntervalAnswer,
  type IntervalCount,
} from './interval';
export {
  CONNECTING_LOSS,
  GAUGE_ACCURACY,
  leak,
  SEA_LEVEL,
  sitePressure,
  type Leak,
  type LeakAnswer,
} from './leak';
export {
  bandOn,
  judgeReading,
  onlyBrakeIsCoaster,
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
  type ReadReading,
} from './reading';
export { rimPadVerdict, type RimPads } from './rim-pad';
export { rimTrackVerdict } from './rim-track';
export { LEAST_PLACES, rotorVerdicts, type RotorMarkings } from './rotor';
export { runOutVerdict, widestDifference, type RunOutWheel } from './run-out';
export { scaleOf, type Scale } from './scale';
export { SPOKE_METHODS, spokesVerdicts, type SideOfSpokes, type SpokesAnswer } from './spokes';
export {
  SAG_BANDS,
  sagBand,
  sagPressure,
  sagShare,
  sagVerdict,
  usedTravel,
  type SagBand,
  type SagPressure,
} from './suspension';
export {
  boltOrder,
  handForce,
  TORQUE_STAGES,
  torqueFor,
  wrenchSetting,
  type StatedTorque,
  type TorqueAnswer,
} from './torque';
export { SURFACES, tyreStart, WHEEL_SHARE, type TyreRide, type TyreStart } from './tyre-start';
export { usualPressure } from './usual-pressure';
export {
  HOOKLESS_MOST,
  pressureVerdict,
  tyreWindow,
  type PressureVerdict,
  type PressureWindow,
  type TyreMarkings,
} from './tyre-window';
export { convert, UNITS, type WrittenUnit } from './units';
export { TYPICAL_OUTING, usageOf, type Usage } from './usage';
export {
  BECOMES,
  isWorseVerdict,
  NEXT_STEPS,
  VERDICT_OUTCOMES,
  worstFirst,
  type Becomes,
  type NextStep,
  type Verdict,
  type VerdictOutcome,
} from './verdict';
export { MARKINGS_AT_STAND, wantedMarkings } from './wanted-marking';
