import type { RecordRule, Trace } from '@cadre/core/tracing';

const YES = 0;
const NO = 1;
/** A part that is tight or straight stays so for a day or two of riding; a worn measure stays worn. */
const TIGHT_DAYS = 2;
const WORN_DAYS = 60;
/** A knock that bent something is a cause for weeks. */
const KNOCK_DAYS = 30;

const passed = (checkpoint: string, answer: number, days = TIGHT_DAYS): RecordRule => ({
  ...{ from: 'pass', checkpoint, days, answer },
});
const found = (checkpoint: string, answer: number, faults?: readonly string[]): RecordRule => ({
  ...{ from: 'finding', checkpoint, answer },
  ...(faults ? { faults } : {}),
});
const crashed = (answer: number): RecordRule => ({
  from: 'incident',
  kind: 'crash',
  days: KNOCK_DAYS,
  answer,
});
const worked = (touch: string, answer: number): RecordRule => ({
  from: 'work',
  touch,
  days: KNOCK_DAYS,
  answer,
});
const AXLE_TIGHT: readonly RecordRule[] = ['wheel-quick-release', 'wheel-thru-axle', 'wheel-nutted'].flatMap(
  (each) => [found(each, YES, ['loose']), passed(each, NO)],
);
const CHAIN_WORN: readonly RecordRule[] = [
  { from: 'reading', checkpoint: 'chain-wear', atLeast: 0.0075, days: WORN_DAYS, answer: YES },
  { from: 'reading', checkpoint: 'chain-wear', under: 0.005, days: 14, answer: NO },
];
/** Compound left, mm; a total thickness has the plate in it. */
const padsRead = (
  rule: { readonly under: number } | { readonly atLeast: number },
  days: number,
  answer: number,
) =>
  ['pad-thickness', 'disc-pads'].map((checkpoint): RecordRule => ({
    ...{ from: 'reading', checkpoint, days, answer, notMethod: 'total' },
    ...rule,
  }));
const PADS_THIN: readonly RecordRule[] = [
  ...padsRead({ under: 1.5 }, WORN_DAYS, YES),
  ...padsRead({ atLeast: 2 }, 7, NO),
];
const GREASY: readonly RecordRule[] = [{ from: 'incident', kind: 'contamination', days: 14, answer: YES }];

/** Which questions of a search the record of a bike answers, by search and question. */
const BY_RECORD: Readonly<Record<string, Readonly<Record<string, readonly RecordRule[]>>>> = {
  'front-knock': {
    axle: AXLE_TIGHT,
    rim: [found('hub-play', YES), passed('hub-play', NO)],
    caliper: [found('brake-mounts', YES, ['loose']), passed('brake-mounts', NO)],
    line: [found('fork-whole', YES, ['crack'])],
  },
  'creak-seated': { crack: [found('saddle-rails', YES, ['cracked'])] },
  'creak-standing': {
    arm: [found('crank-arms', YES, ['loose'])],
    joint: [found('headset-play', YES, ['strong-knock', 'knock'])],
    line: [found('frame-whole', YES, ['crack'])],
  },
  'steering-centres': {
    crash: [crashed(YES)],
    rust: [{ from: 'incident', kind: 'immersion', days: WORN_DAYS, answer: YES }],
  },
  'fork-harsh': { dirty: [{ from: 'service-overdue', service: 'fork-lowers', answer: YES }] },
  'lever-long-hydraulic': {
    pads: PADS_THIN,
    wet: [found('brake-hose', YES, ['weep'])],
    'wheel-out': [worked('axle-out', YES)],
  },
  'lever-long-cable': { frayed: [found('brake-cable', YES, ['strand'])] },
  'weak-brake': { cloth: GREASY, thin: PADS_THIN, 'new-pads': [worked('brake-work', YES)] },
  'brake-noise': { cloth: GREASY, play: [found('hub-play', YES), passed('hub-play', NO)] },
  'pulsing-brake': {
    bolts: [found('rotor-fixings', YES, ['loose']), passed('rotor-fixings', NO)],
    knock: [found('headset-play', YES, ['strong-knock', 'knock']), passed('headset-play', NO)],
    caliper: [found('brake-mounts', YES, ['loose']), passed('brake-mounts', NO)],
  },
  'wheel-play': {
    axle: AXLE_TIGHT,
    spokes: [found('spokes', YES, ['slack', 'all-slack']), passed('spokes', NO)],
  },
  'slow-leak': { casing: [found('tyre-casing', YES, ['threads', 'bulge'])] },
  'flat-again': {
    'same-hour': [
      { from: 'punctures', sameHour: true, answer: YES },
      { from: 'punctures', sameHour: false, answer: NO },
    ],
  },
  skips: { gauge: CHAIN_WORN, knock: [crashed(YES)] },
  'gears-off': { knock: [crashed(YES)] },
  'chain-off': { knock: [crashed(YES)], teeth: CHAIN_WORN },
};

/** A search with what of a bike's record answers its questions. */
export function byRecord(trace: Trace): Trace {
  const rules = BY_RECORD[trace.key] ?? {};
  return {
    ...trace,
    questions: trace.questions.map((question) => {
      const record = rules[question.key];
      return record ? { ...question, record } : question;
    }),
  };
}

/** Every place the record is read at, to be held against the catalogue. */
export const RECORD_RULES: readonly (readonly [trace: string, question: string, rule: RecordRule])[] =
  Object.entries(BY_RECORD).flatMap(([trace, questions]) =>
    Object.entries(questions).flatMap(([question, rules]) =>
      rules.map((rule) => [trace, question, rule] as const),
    ),
  );
