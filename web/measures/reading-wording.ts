import type { TypedCell } from '@cadre/core/batch-check';
import {
  bareUnitOf,
  MEASURES,
  type LimitSource,
  type Measure,
  type NextStep,
  type Sourced,
  type Verdict,
} from '@cadre/core/measures';
import * as t from './messages';

export function inBar(kpa: number): string {
  return (Math.round(kpa) / 100).toString();
}

const rounded = (value: number, digits: number): string =>
  String(Math.round(value * 10 ** digits) / 10 ** digits);

/** A value of the core as it is written on screen: bar, percent, or its own unit. */
export function shownValue(measure: Measure, value: number): string {
  if (MEASURES[measure] === 'kPa') return t.inBarBar({ inBar: inBar(value) });
  if (measure === 'chain') return `${rounded(value * 100, 2)} %`;
  if (MEASURES[measure] === 'ratio') return `${rounded(value * 100, 1)} %`;
  return `${rounded(value, 2)} ${MEASURES[measure]}`;
}

/** What was typed, with the unit it was taken in when it says none itself. */
export function withUnit(typed: string, measure: Measure): string {
  return /[a-z%"]/i.test(typed) || /\//.test(typed) ? typed : `${typed} ${bareUnitOf(measure)}`.trim();
}

/** A reading on record as it was typed, with its unit. */
export function asTyped(reading: { readonly typed: string; readonly unit: string }): string {
  return /[a-z%"/]/i.test(reading.typed) || !reading.unit
    ? reading.typed
    : `${reading.typed} ${reading.unit}`;
}

/** Where a limit comes from, after its figure. */
export const SOURCE_WORDS: Record<LimitSource, string> = {
  marking: t.markedOnPart,
  checklist: t.setChecklist,
  start: t.startingPressureForTyre,
  policy: t.setYourPolicy,
  default: t.cadresDefault,
};

/** What to do next, as an order. */
export const NEXT_WORDS: Record<NextStep, string> = {
  'go-on': t.continueWord,
  'plan-chain': t.planNewChain,
  'renew-chain': t.fitNewChainSprockets,
  'look-at-sprockets': t.fitNewChainCheck,
  'plan-pads': t.planNewPads,
  'renew-pads': t.fitNewPadsOn,
  'centre-caliper': t.unevenWearCentreCaliper,
  'plan-rotor': t.planNewRotor,
  'renew-rotor': t.fitNewRotorBefore,
  'note-pulsing': t.brakeWillPulseNote,
  'read-rotor-marking': t.readMinimumThicknessMarked,
  'measure-track-again': t.noteValueMeasureAgain,
  'stop-rim': t.wornRimCanBurst,
  'plan-rim': t.planNewRim,
  'renew-pads-by-line': t.wearLineGone,
  'read-rim-marking': t.readRimMinimum,
  'true-wheel': t.trueWheelInSmall,
  'stop-wheel': t.doNotRideTrue,
  'watch-spoke': t.notePlaceCountedFrom,
  'tension-spokes': t.tensionSpokesEvenlyRecheck,
  'tension-wheel': t.allSpokesSlackDo,
  'stop-spoke': t.spokeHasNoTension,
  pump: t.pumpTyreMeasureAgain,
  'let-down': t.letAirOutMeasure,
  'find-leak': t.tyreEmptyFindCause,
  'read-tyre-marking': t.readPressureMarkedOn,
  'conflict-ask-maker': t.noPressureSuitsBoth,
  'set-sag': t.changePressureUpOne,
  'let-fork-down': t.pressureAboveMarkedMaximum,
  'read-fork-marking': t.readMaximumMarkedOn,
  'look-for-drag': t.leverBitesOnceCheck,
  'take-up-lever': t.adjustLeverTravelOn,
  'stop-lever': t.doNotRideBrake,
  'align-hanger': t.bendHangerBackOnce,
  'loosen-chain': t.moveWheelForwardLittle,
  'tighten-chain': t.moveWheelBackThen,
  'stop-chain': t.chainCanComeOff,
  'set-charge': t.bringChargeBetweenTwo,
  'plan-battery': t.useForShortOutings,
  'refill-sealant': t.refillSealant,
  'top-up-sealant': t.topUpSealant,
  'own-limit': t.valuePastChecklistsLimit,
  'person-says': t.decideWhetherValuePasses,
};

const WORD: Record<Verdict['outcome'], string> = {
  pass: t.pass,
  watch: t.outsideItsLimit,
  renew: t.nearItsLimit,
  fail: t.pastItsLimit,
  unknown: t.noLimitKnown,
};

const SHORT: Partial<Record<NextStep, string>> = {
  pump: t.readsLow,
  'let-down': t.readsHigh,
  'find-leak': t.readsEmpty,
  'loosen-chain': t.readsTight,
  'tighten-chain': t.readsSlack,
};
const SHORT_WORD: Record<Verdict['outcome'], string> = {
  pass: '',
  watch: t.readsOutside,
  renew: t.nearLimit,
  fail: t.pastLimit,
  unknown: '',
};

const LONG: Partial<Record<NextStep, string>> = {
  pump: t.tooLow,
  'let-down': t.tooHigh,
  'find-leak': t.empty,
  'loosen-chain': t.tooTight,
  'tighten-chain': t.tooSlack,
  'centre-caliper': t.leftRightDiffer,
  'note-pulsing': t.itsPlacesDiffer,
};

/** A verdict in a word or two, for where there is no room to say why. */
export function verdictShort(verdict: Verdict | undefined): string {
  return verdict ? (SHORT[verdict.next] ?? SHORT_WORD[verdict.outcome]) : '';
}

/** A limit with where it comes from: "1.5 mm, marked on the part". */
export function limitWords(measure: Measure, limit: Sourced): string {
  return `${shownValue(measure, limit.value)}, ${SOURCE_WORDS[limit.source]}`;
}

/** What a reading is when nobody corrects it. */
const LEFT_WORDS: Record<NonNullable<Verdict['uncorrected']>, string> = {
  stop: t.ifNotCorrectedDo,
  soon: t.ifNotCorrectedFix,
  upkeep: t.ifNotCorrectedMaintenance,
};

/** What one verdict says: reading, limit, where the limit comes from. */
export function verdictSays(measure: Measure, verdict: Verdict): string {
  const value =
    verdict.next === 'tension-wheel' ? rounded(verdict.value, 0) : shownValue(measure, verdict.value);
  const word = LONG[verdict.next] ?? WORD[verdict.outcome];
  if (!verdict.limit || verdict.limit.value === 0) return `${word}: ${value}`;
  const limit =
    verdict.next === 'tension-wheel' ? rounded(verdict.limit.value, 0) : limitWords(measure, verdict.limit);
  return t.wordValueLimitLimit({ word, value, limit });
}

/** What a reading says, and what to do. */
export function verdictWords(reading: { readonly measure: Measure; readonly verdicts: readonly Verdict[] }): {
  readonly words: string;
  readonly bad: boolean;
} {
  const [worst, ...more] = reading.verdicts;
  if (!worst) return { words: '', bad: false };
  const aim = worst.aim
    ? t.setShownValueSource({
        shownValue: shownValue(reading.measure, worst.aim.value),
        source: SOURCE_WORDS[worst.aim.source],
      })
    : '';
  const left = worst.uncorrected ? ` ${LEFT_WORDS[worst.uncorrected]}` : '';
  const next = worst.outcome === 'pass' ? '' : `${aim} ${NEXT_WORDS[worst.next]}${left}`;
  const besides = more
    .filter((verdict) => verdict.outcome !== 'pass' && verdict.outcome !== 'unknown')
    .map((verdict) => t.alsoNext({ next: NEXT_WORDS[verdict.next] }));
  return {
    words: `${verdictSays(reading.measure, worst)}.${next}${besides.join('')}`,
    bad: worst.outcome !== 'pass' && worst.outcome !== 'unknown',
  };
}

function rangeWords(cell: Extract<TypedCell, { why: 'out-of-range' }>): string {
  const shown = (value: number): string =>
    cell.unit === 'ratio' || cell.unit === 'kPa' || cell.unit === ''
      ? shownValue(cell.measure, value)
      : `${value} ${cell.unit}`;
  return t.shownShown2({ shown: shown(cell.least), shown2: shown(cell.most) });
}

/** Why a typed text was not taken, or is asked about, and what it would be without the likely slip. */
export function cellWords(
  cell: TypedCell,
  text: string,
): { readonly said: string; readonly suggestion: string } {
  const typed = text.trim();
  const bare = typed.replace(/[a-z%\s]+$/i, '');
  if (cell.kind === 'refused') {
    if (cell.why === 'out-of-range')
      return {
        said: t.typedOutsidePossibleRange({ typed, range: rangeWords(cell) }),
        suggestion: cell.likely ? `${bare} ${cell.likely}` : '',
      };
    if (cell.why === 'how-many')
      return {
        said:
          cell.few === cell.many
            ? t.enterValue({ few: cell.few })
            : t.enterFewManyValues({ few: cell.few, many: cell.many }),
        suggestion: '',
      };
    return { said: t.typedNotNumberKnown({ typed }), suggestion: '' };
  }
  if (cell.kind === 'reading') {
    const whole = withUnit(typed, cell.reading.measure);
    return {
      said: t.wholeUnusualEnterValue({ whole }),
      suggestion: cell.likely ? `${bare} ${cell.likely}` : '',
    };
  }
  return { said: '', suggestion: '' };
}

/** How a reading of this measure may be typed, by example. */
export const TYPE_HINTS: Partial<Record<Measure, string>> = {
  chain: t.gauge050,
  rotor: t.threeMorePlaces1,
  'disc-pad': t.leftRight21,
  'run-out': t.sidewaysThenUpDown,
  spokes: t.oneSideInOrder,
  hanger: t.fourGaps1012,
  sag: t.ringTravel34160,
  'lever-travel': t.biteTravel2240,
  battery: t.percentWhRatedWh,
};

/** How it was taken, where that changes what it means. */
export const METHOD_WORDS: Readonly<Record<string, string>> = {
  compound: t.compoundOnly,
  total: t.withPlate,
  meter: t.meter,
  pitch: t.pitch,
  'line-there': t.lineThere,
  'line-gone': t.lineGone,
  'mark-there': t.markThere,
  'mark-gone': t.markGone,
  left: t.sealantLeft,
  poured: t.sealantPoured,
};
