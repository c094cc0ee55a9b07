export { inUnit, judgeMessage, scaleEnds, type JudgedMessage } from './judge';
export {
  INSTRUMENT_KINDS,
  INSTRUMENT_KIND_KEYS,
  INSTRUMENT_UNITS,
  isInstrumentKind,
  sameQuantity,
  usualUnit,
  type InstrumentKind,
  type InstrumentUnit,
} from './kinds';
export { parseMessage, type InstrumentMessage } from './message';
export { STAND_IN_FAULTS, standInLine, type StandInFault } from './stand-in';
