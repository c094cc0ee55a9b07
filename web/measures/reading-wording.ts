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
  if (MEASURES[measure] === 'kPa') return t.inbarBar({ inBar: inBar(value) });
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
  checklist: t.checklistsOwn,
  start: t.startChosenForTyre,
  policy: t.setYourPolicy,
  default: t.asCadreShips,
};

/** What to do next, as an order. */
export const NEXT_WORDS: Record<NextStep, string> = {
  'go-on': t.goOn,
  'plan-chain': t.planNewChain,
  'renew-chain': t.newChainSprocketsStill,
  'look-at-sprockets': t.newChainLookCassette,
  'plan-pads': t.planNewPads,
  'renew-pads': t.newPadsBothSides,
  'centre-caliper': t.wornUnevenlyCentreCaliper,
  'plan-rotor': t.planNewRotor,
  'renew-rotor': t.newRotorBeforeRidden,
  'note-pulsing': t.willPulseNoteMeasure,
  'read-rotor-marking': t.readLeastThicknessMarked,
  'measure-track-again': t.noteFigureMeasureAgain,
  'stop-rim': t.wornRimCanBurst,
  'true-wheel': t.trueWheelLittleLittle,
  'stop-wheel': t.keepOffTrailTrue,
  'watch-spoke': t.noteItsPlaceFrom,
  'tension-spokes': t.bringUpEvenlyLook,
  'tension-wheel': t.slackAllRoundKeep,
  'stop-spoke': t.spokeWithoutTensionKeep,
  pump: t.pumpGaugeAgainType,
  'let-down': t.letAirOutGauge,
  'find-leak': t.emptyFindCauseFrom,
  'read-tyre-marking': t.readWhatMarkedOn,
  'conflict-ask-maker': t.markingsLeaveNoRoom,
  'set-sag': t.changePressureMostFifth,
  'let-fork-down': t.overMarkedMaximumLet,
  'read-fork-marking': t.readMaximumMarkedOn,
  'look-for-drag': t.bitesOnceLookWhether,
  'take-up-lever': t.takeUpOnHydraulic,
  'stop-lever': t.keepOffTrailMay,
  'align-hanger': t.bendBackOnceSlowly,
  'loosen-chain': t.setWheelForwardLittle,
  'tighten-chain': t.setWheelBackThen,
  'stop-chain': t.canComeOffKeep,
  'set-charge': t.chargeRideBetweenTwo,
  'plan-battery': t.shortOutingsOnlyPlan,
  'own-limit': t.pastChecklistsOwnLimit,
  'person-says': t.sayWhetherPasses,
};

const WORD: Record<Verdict['outcome'], string> = {
  pass: t.pass,
  watch: t.outsideItsLimit,
  renew: t.nearItsLimit,
  fail: t.pastItsLimit,
  unknown: t.noLimitKnown,
};

const SHORT: Partial<Record<NextStep, string>> = {
  pump: 'low',
  'let-down': 'high',
  'find-leak': 'empty',
  'loosen-chain': 'tight',
  'tighten-chain': 'slack',
};
const SHORT_WORD: Record<Verdict['outcome'], string> = {
  pass: '',
  watch: 'outside',
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
  stop: t.leftLikeNobodyRides,
  soon: t.leftLikeHasFixed,
  upkeep: t.leftLikeMaintenance,
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
    ? t.setShownvalueSource({
        shownValue: shownValue(reading.measure, worst.aim.value),
        source: SOURCE_WORDS[worst.aim.source],
      })
    : '';
  const left = worst.uncorrected ? ` ${LEFT_WORDS[worst.uncorrected]}` : '';
  const next = worst.outcome === 'pass' ? '' : `${aim} ${NEXT_WORDS[worst.next]}${left}`;
  const besides = more
    .filter((verdict) => verdict.outcome !== 'pass' && verdict.outcome !== 'unknown')
    .map((verdict) => t.besidesNext({ next: NEXT_WORDS[verdict.next] }));
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
        said: t.typedCannotWouldHave({ typed, range: rangeWords(cell) }),
        suggestion: cell.likely ? `${bare} ${cell.likely}` : '',
      };
    if (cell.why === 'how-many')
      return {
        said:
          cell.few === cell.many
            ? t.takesFewFigures({ few: cell.few })
            : t.takesFewManyFigures({ few: cell.few, many: cell.many }),
        suggestion: '',
      };
    return { said: t.typedNoNumberNo({ typed }), suggestion: '' };
  }
  if (cell.kind === 'reading') {
    const whole = withUnit(typed, cell.reading.measure);
    return {
      said: t.wholeWouldUnusualEnter({ whole }),
      suggestion: cell.likely ? `${bare} ${cell.likely}` : '',
    };
  }
  return { said: '', suggestion: '' };
}

/** How a reading of this measure may be typed, by example. */
export const TYPE_HINTS: Partial<Record<Measure, string>> = {
  chain: t.gauge050,
  rotor: t.threePlacesMore1,
  'disc-pad': t.leftRight21,
  'run-out': t.sidewaysThenUpDown,
  spokes: t.roundOneSideFrom,
  hanger: t.fourGaps1012,
  sag: t.ringOverTravel34,
  'lever-travel': t.biteOverTravel22,
  battery: t.percentWhOverRated,
};

/** How it was taken, where that changes what it means. */
export const METHOD_WORDS: Readonly<Record<string, string>> = {
  compound: t.compound,
  total: t.withItsPlate,
  meter: t.meter,
  pitch: t.pitch,
};
