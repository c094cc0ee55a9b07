import { BUILD_FIELDS, FIT_ITEMS, plain, type BuildField } from '@cadre/core/fleet';

/** What a column of a fleet list can be about. */
export type Column =
  | 'tag'
  | 'model'
  | 'size'
  | 'serial'
  | 'boughtOn'
  | 'warrantyUntil'
  | 'site'
  | 'rack'
  | 'hook'
  | BuildField
  /** Both ends at once, as lists usually say it. */
  | Paired
  | `fit:${string}`;

export const PAIRED = ['wheelSize', 'brake', 'retention', 'tyre'] as const;
export type Paired = (typeof PAIRED)[number];

/** The columns every export has, in order. Fit columns follow where a bike states something itself. */
export const EXPORT_COLUMNS: readonly Column[] = [
  'tag',
  'model',
  'size',
  'serial',
  'boughtOn',
  'warrantyUntil',
  'site',
  'rack',
  'hook',
  ...BUILD_FIELDS,
];

export const ALL_COLUMNS: readonly Column[] = [
  ...EXPORT_COLUMNS,
  ...PAIRED,
  ...FIT_ITEMS.map((item): Column => `fit:${item.key}`),
];

export function isColumn(word: string): word is Column {
  return (ALL_COLUMNS as readonly string[]).includes(word);
}

/** The heading of a column as it is exported, and as an import knows it for certain. */
export function headingOf(column: Column): string {
  return column.startsWith('fit:')
    ? column
    : column
        .replace(/([A-Z])/g, (letter) => ` ${letter.toLowerCase()}`)
        .replace(/^./, (letter) => letter.toUpperCase());
}

/** How lists head their columns elsewhere, narrower ones first. */
const OTHERWISE: readonly (readonly [Column, RegExp])[] = [
  ['serial', /serial|frame (no|nr|num)|chassis|vin\b|rahmen ?nr/],
  ['warrantyUntil', /warrant|guarantee/],
  ['boughtOn', /bought|purchas|acquired|delivered|in service|date( in)?$|^date/],
  ['hook', /\bhook|peg|bay|slot|place (no|nr)|position/],
  ['rack', /\brack|rail|row|stand no|shelf/],
  ['site', /\bsite|location|store|depot|building|base|standort/],
  [
    'tag',
    /^(tag|code|bike( ?(no|nr|id|number|code))?|fleet ?(no|nr|id|number|code)|no|nr|number|id|label|asset( ?(no|nr|tag))?|#)$/,
  ],
  ['wheelSizeFront', /front wheel|wheel.*front/],
  ['wheelSizeRear', /(rear|back) wheel|wheel.*(rear|back)/],
  ['brakeFront', /front brake|brake.*(front|\bf$)/],
  ['brakeRearSecond', /second (rear |back )?brake|parking brake|brake.*second/],
  ['brakeRear', /(rear|back) brake|brake.*(rear|back|\br$)/],
  ['retentionFront', /front axle|axle.*front/],
  ['retentionRear', /(rear|back) axle|axle.*(rear|back)/],
  ['tyreFront', /front (tyre|tire)/],
  ['tyreRear', /(rear|back) (tyre|tire)/],
  ['rearSuspension', /(rear|back) (sus|shock)|^shock$/],
  ['frameShape', /frame (shape|style|form)/],
  ['frameMaterial', /material|frame$/],
  ['wheelSize', /wheel|rim size/],
  ['brake', /brake/],
  ['retention', /axle|skewer|retention/],
  ['tyre', /tyre|tire|tubeless/],
  ['sprockets', /sprocket|speeds?$|cogs|no of gears|number of gears/],
  ['gears', /gear|drivetrain|shifting/],
  ['assist', /assist|motor|electric|e ?bike/],
  ['seatpost', /seat ?post|post$|dropper/],
  ['accessories', /accessor|extras|equipment|fitted with|carries/],
  ['headset', /headset/],
  ['bar', /handle ?bar|^bars?$/],
  ['transmission', /belt|transmission|drive$/],
  ['fork', /fork/],
  ['kind', /kind|type|category|class|style/],
  ['model', /model|make|description|^bike name|^name$|range/],
  ['size', /size/],
  ['fit:maximumLoad', /max.* load|(load|weight) limit|rider weight|max.* weight/],
  ['fit:rotorMinFront', /rotor min|min.* rotor|disc min/],
  ['fit:sidewallMaxFront', /max.* (tyre|tire|pressure)|(tyre|tire).* max|pressure max/],
  ['fit:forkTravel', /travel/],
  ['fit:batteryEnergy', /battery|wh$/],
];

export interface ColumnGuess {
  readonly column: Column | null;
  /** False: a likely reading somebody should look at. */
  readonly sure: boolean;
}

const byHeading = new Map(ALL_COLUMNS.map((column) => [plain(headingOf(column)), column]));
/** Fit columns are named narrowly, so they are asked before the build columns they contain a word of. */
const ORDERED = [
  ...OTHERWISE.filter(([column]) => column.startsWith('fit:')),
  ...OTHERWISE.filter(([column]) => !column.startsWith('fit:')),
];

function guessOne(heading: string, remembered: Readonly<Record<string, string>>): ColumnGuess {
  const said = plain(heading);
  if (said === '') return { column: null, sure: true };
  const before = remembered[said];
  if (before !== undefined) return { column: isColumn(before) ? before : null, sure: true };
  const exact = byHeading.get(said);
  if (exact) return { column: exact, sure: true };
  const likely = ORDERED.find(([, pattern]) => pattern.test(said));
  return { column: likely?.[0] ?? null, sure: false };
}

/**
 * What each heading is likely to be about. What was chosen for a heading before is remembered under its
 * plain spelling. A column is given once: a second heading like it is left out for somebody to decide.
 */
export function guessColumns(
  headings: readonly string[],
  remembered: Readonly<Record<string, string>> = {},
): readonly ColumnGuess[] {
  const guesses = headings.map((heading) => guessOne(heading, remembered));
  const bySureness = [...guesses.keys()].sort(
    (a, b) => Number(guesses[b]?.sure) - Number(guesses[a]?.sure) || a - b,
  );
  const given = new Set<Column>();
  const kept = new Map<number, ColumnGuess>();
  for (const index of bySureness) {
    const guess = guesses[index] ?? { column: null, sure: true };
    const free = guess.column !== null && !given.has(guess.column);
    if (free && guess.column) given.add(guess.column);
    kept.set(index, free ? guess : { column: null, sure: guess.column === null });
  }
  return headings.map((_, index) => kept.get(index) ?? { column: null, sure: true });
}

/** The line of a table that holds its headings: among the first twenty, the one that names most columns. Null: none does. */
export function findHeadings(
  rows: readonly (readonly string[])[],
  remembered: Readonly<Record<string, string>> = {},
): number | null {
  let best: { readonly at: number; readonly named: number } | null = null;
  for (const [at, row] of rows.slice(0, 20).entries()) {
    const named = guessColumns(row, remembered).filter((guess) => guess.column !== null).length;
    if (named >= 2 && (best === null || named > best.named)) best = { at, named };
  }
  return best?.at ?? null;
}
