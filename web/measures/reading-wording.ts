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

export function inBar(kpa: number): string {
  return (Math.round(kpa) / 100).toString();
}

const rounded = (value: number, digits: number): string =>
  String(Math.round(value * 10 ** digits) / 10 ** digits);

/** A value of the core as it is written on screen: bar, percent, or its own unit. */
export function shownValue(measure: Measure, value: number): string {
  if (MEASURES[measure] === 'kPa') return `${inBar(value)} bar`;
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
  marking: 'marked on the part',
  checklist: 'this checklist’s own',
  start: 'start chosen for this tyre',
  policy: 'set by your policy',
  default: 'as Cadre ships',
};

/** What to do next, as an order. */
export const NEXT_WORDS: Record<NextStep, string> = {
  'go-on': 'Go on.',
  'plan-chain': 'Plan a new chain.',
  'renew-chain': 'New chain; the sprockets are still good.',
  'look-at-sprockets': 'New chain, and look at cassette and rings too: waiting has cost them.',
  'plan-pads': 'Plan new pads.',
  'renew-pads': 'New pads, both sides, before it is ridden.',
  'centre-caliper': 'Worn unevenly: centre the caliper, clean a lazy piston.',
  'plan-rotor': 'Plan a new rotor.',
  'renew-rotor': 'New rotor before it is ridden, and pads bedded in with it.',
  'note-pulsing': 'It will pulse: note it, and measure again next time.',
  'read-rotor-marking': 'Read the least thickness marked on the rotor; without it nobody can say.',
  'measure-track-again': 'Note the figure, measure again next time.',
  'stop-rim': 'A worn rim can burst under braking: let the air down, new rim.',
  'true-wheel': 'True the wheel, little by little.',
  'stop-wheel': 'Keep it off the trail; true it and find what bent it.',
  'watch-spoke': 'Note its place from the valve.',
  'tension-spokes': 'Bring it up evenly; look again after the first outings.',
  'tension-wheel': 'Slack all round: keep it off the trail, bring the whole wheel up evenly.',
  'stop-spoke': 'A spoke without tension: keep it off the trail until it is tensioned and true.',
  pump: 'Pump it, gauge again and type that; if it will not hold, name the fault.',
  'let-down': 'Let air out, gauge again and type that.',
  'find-leak': 'Empty: find the cause from inside and outside.',
  'read-tyre-marking': 'Read what is marked on the sidewall, and say whether it is right.',
  'conflict-ask-maker':
    'The markings leave no room: no pressure is right. Ask the maker, fit a tyre that suits the rim.',
  'set-sag': 'Change the pressure, at most a fifth at a step, and measure again.',
  'let-fork-down': 'Over the marked maximum: let air out now.',
  'read-fork-marking': 'Read the maximum marked on fork or shock, and say whether it is right.',
  'look-for-drag': 'Bites at once: look whether the pads drag.',
  'take-up-lever': 'Take it up; on a hydraulic brake measure the pads first.',
  'stop-lever': 'Keep it off the trail: it may not stop. Pads, then air or fluid, for the mechanic.',
  'align-hanger': 'Bend it back once, slowly; one bent far is replaced.',
  'loosen-chain': 'Set the wheel forward a little.',
  'tighten-chain': 'Set the wheel back, then the axle nuts.',
  'stop-chain': 'It can come off: keep it off the trail, set the wheel back.',
  'set-charge': 'Charge or ride it to between the two.',
  'plan-battery': 'Short outings only; plan a new one.',
  'own-limit': 'Past this checklist’s own limit: do what its author wants.',
  'person-says': 'Say whether it passes.',
};

const WORD: Record<Verdict['outcome'], string> = {
  pass: 'Pass',
  watch: 'Outside its limit',
  renew: 'Near its limit',
  fail: 'Past its limit',
  unknown: 'No limit is known',
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
  renew: 'near limit',
  fail: 'past limit',
  unknown: '',
};

const LONG: Partial<Record<NextStep, string>> = {
  pump: 'Too low',
  'let-down': 'Too high',
  'find-leak': 'Empty',
  'loosen-chain': 'Too tight',
  'tighten-chain': 'Too slack',
  'centre-caliper': 'Left and right differ',
  'note-pulsing': 'Its places differ',
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
  stop: 'Left like this, nobody rides it.',
  soon: 'Left like this, it has to be fixed soon.',
  upkeep: 'Left like this, it is maintenance.',
};

/** What one verdict says: reading, limit, where the limit comes from. */
export function verdictSays(measure: Measure, verdict: Verdict): string {
  const value =
    verdict.next === 'tension-wheel' ? rounded(verdict.value, 0) : shownValue(measure, verdict.value);
  const word = LONG[verdict.next] ?? WORD[verdict.outcome];
  if (!verdict.limit || verdict.limit.value === 0) return `${word}: ${value}`;
  const limit =
    verdict.next === 'tension-wheel' ? rounded(verdict.limit.value, 0) : limitWords(measure, verdict.limit);
  return `${word}: ${value} (limit ${limit})`;
}

/** What a reading says, and what to do. */
export function verdictWords(reading: { readonly measure: Measure; readonly verdicts: readonly Verdict[] }): {
  readonly words: string;
  readonly bad: boolean;
} {
  const [worst, ...more] = reading.verdicts;
  if (!worst) return { words: '', bad: false };
  const aim = worst.aim
    ? ` Set it to ${shownValue(reading.measure, worst.aim.value)} (${SOURCE_WORDS[worst.aim.source]}).`
    : '';
  const left = worst.uncorrected ? ` ${LEFT_WORDS[worst.uncorrected]}` : '';
  const next = worst.outcome === 'pass' ? '' : `${aim} ${NEXT_WORDS[worst.next]}${left}`;
  const besides = more
    .filter((verdict) => verdict.outcome !== 'pass' && verdict.outcome !== 'unknown')
    .map((verdict) => ` Besides: ${NEXT_WORDS[verdict.next]}`);
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
  return `${shown(cell.least)} to ${shown(cell.most)}`;
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
        said: `“${typed}” cannot be: it would have to be ${rangeWords(cell)}.`,
        suggestion: cell.likely ? `${bare} ${cell.likely}` : '',
      };
    if (cell.why === 'how-many')
      return {
        said:
          cell.few === cell.many
            ? `It takes ${cell.few} figures.`
            : `It takes ${cell.few} to ${cell.many} figures, with spaces between.`,
        suggestion: '',
      };
    return { said: `“${typed}” is no number, and no word known here.`, suggestion: '' };
  }
  if (cell.kind === 'reading') {
    const whole = withUnit(typed, cell.reading.measure);
    return {
      said: `${whole} would be unusual. Enter it again if it is so.`,
      suggestion: cell.likely ? `${bare} ${cell.likely}` : '',
    };
  }
  return { said: '', suggestion: '' };
}

/** How a reading of this measure may be typed, by example. */
export const TYPE_HINTS: Partial<Record<Measure, string>> = {
  chain: 'gauge 0.5-0.75, ruler 1/16, or mm over links 612.6/24',
  rotor: 'three places or more: 1.62 1.58 1.56',
  'disc-pad': 'left and right: 2.1 1.9',
  'run-out': 'sideways, then up and down: 0.8 0.4',
  spokes: 'round one side from the valve: 98 102 97 …',
  hanger: 'the four gaps: 10 12 11 10',
  sag: 'ring over travel: 34/160',
  'lever-travel': 'bite over travel: 22/40',
  battery: 'percent, or Wh over rated: 350/500',
};

/** How it was taken, where that changes what it means. */
export const METHOD_WORDS: Readonly<Record<string, string>> = {
  compound: 'Compound',
  total: 'With its plate',
  meter: 'Meter',
  pitch: 'Pitch',
};
