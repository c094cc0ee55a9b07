export {
  inUnit,
  judgeMessage,
  roundedTo,
  type InstrumentValue,
  type JudgedMessage,
  type KnownInstrument,
} from './judge';
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
export { MOST_CHARACTERS, parseMessage, type InstrumentMessage } from './message';
export { STAND_IN_FAULTS, standInLine, type StandIn, type StandInFault } from './stand-in';
