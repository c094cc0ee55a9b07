import type { FieldIssue } from '@cadre/core/errors';
import { NEXT_WORDS, verdictSays } from '@cadre/web/measures';
import {
  readNumber,
  type ChainPreset,
  type LimitChoices,
  type Measure,
  type Measured,
  type Verdict,
} from '@cadre/core/measures';
import * as t from './messages';

/** What a tool asks for: a number in a unit, several of them, or one of a few words. */
export interface ToolField {
  readonly key: string;
  readonly label: string;
  readonly unit?: string;
  /** As it stands before anything is typed; empty: nothing is meant yet. */
  readonly start?: string;
  readonly choices?: readonly { readonly value: string; readonly label: string }[];
  readonly hint?: string;
  /** May stay empty. */
  readonly spare?: boolean;
  /** Several figures, with spaces between. */
  readonly many?: boolean;
}

/** What a tool has to say: one answer large, its working in a line, and what else comes of it. */
export interface ToolAnswer {
  readonly says: string;
  readonly working: string;
  readonly next?: string;
  readonly bad?: boolean;
  readonly rows?: readonly (readonly [string, string])[];
}

export type ToolResult =
  | { readonly state: 'waiting' }
  | { readonly state: 'wrong'; readonly fields: Readonly<Record<string, string>> }
  | { readonly state: 'answer'; readonly answer: ToolAnswer };

/** This policy's limits: tools judge as checks do. */
export interface ToolPolicy {
  readonly limits: LimitChoices;
  readonly chain: ChainPreset;
}

export interface ToolGroup {
  readonly name: string;
  readonly tools: readonly Tool[];
}

export interface Tool {
  readonly key: string;
  readonly name: string;
  /** When one takes it up. */
  readonly when: string;
  readonly fields: readonly ToolField[];
  readonly caution?: string;
  /** What it measures, where its figure is a reading a bike may keep, and how it is typed at the stand. */
  readonly reading?: {
    readonly measure: Measure;
    readonly typed: (value: (key: string) => string) => string;
  };
  readonly work: (given: Given, policy: ToolPolicy) => ToolResult;
}

/** What was typed, read: a number that is none says so under its field. */
export interface Given {
  readonly text: (key: string) => string;
  readonly number: (key: string) => number;
  readonly numbers: (key: string) => readonly number[];
  /** A field that may stay empty. */
  readonly maybe: (key: string) => number | undefined;
}

export function givenOf(text: (key: string) => string): Given {
  const number = (key: string): number => readNumber(text(key)) ?? Number.NaN;
  return {
    text,
    number,
    numbers: (key) =>
      text(key)
        .split(/[\s;]+/)
        .filter(Boolean)
        .map((each) => readNumber(each) ?? Number.NaN),
    maybe: (key) => (text(key).trim() === '' ? undefined : number(key)),
  };
}

const figure = (value: unknown): string =>
  typeof value === 'number' ? String(Math.round(value * 1000) / 1000) : String(value);

/** What is wrong with a field, in words. */
export function issueWords({ code, params = {} }: FieldIssue): string {
  const unit =
    params.unit && params.unit !== 'ratio' && params.unit !== 'money' ? ` ${String(params.unit)}` : '';
  switch (code) {
    case 'not-a-number':
      return t.enterNumber;
    case 'not-whole':
      return t.enterWholeNumber;
    case 'required':
      return t.fillIn;
    case 'out-of-range':
      return t.enterFigureFigure2Unit({ figure: figure(params.least), figure2: figure(params.most), unit });
    case 'outside-fit':
      return t.calculationWorksFromFigure({
        figure: figure(params.least),
        figure2: figure(params.most),
        unit,
      });
    case 'how-many':
      return params.least === params.most
        ? t.enterFigureValues({ figure: figure(params.least) })
        : t.enterFigureFigure2Values({ figure: figure(params.least), figure2: figure(params.most) });
    case 'over-its-most':
      return t.enterFigureLess({ figure: figure(params.most) });
    case 'order':
      return t.secondReadingMustLater;
    case 'no-room':
      return t.markingsAllowNoPressure;
    default:
      return t.valueDoesNotFit;
  }
}

/** A measure's answer as a tool's: its fields named, or what comes of the value. */
export function tell<T>(
  answer: Measured<T>,
  say: (value: T) => ToolAnswer,
  names: Readonly<Record<string, string>> = {},
): ToolResult {
  if (answer.ok) return { state: 'answer', answer: say(answer.value) };
  const fields = answer.issues.map(
    (issue) =>
      [names[issue.path.split('.')[0] ?? ''] ?? issue.path.split('.')[0], issueWords(issue)] as const,
  );
  return { state: 'wrong', fields: Object.fromEntries(fields) };
}

/** Whether everything that must be typed has been. */
export function isFilled(tool: Pick<Tool, 'fields'>, text: (key: string) => string): boolean {
  return tool.fields.every((field) => field.spare || text(field.key).trim() !== '');
}

/** What a tool says of what is typed: it waits, names the fields that are none, or answers. */
export function answerOf(tool: Tool, text: (key: string) => string, policy: ToolPolicy): ToolResult {
  if (!isFilled(tool, text)) return { state: 'waiting' };
  const none = tool.fields.filter(
    (field) =>
      !field.choices && !field.many && text(field.key).trim() !== '' && readNumber(text(field.key)) === null,
  );
  if (none.length > 0)
    return { state: 'wrong', fields: Object.fromEntries(none.map((field) => [field.key, t.enterNumber])) };
  return tool.work(givenOf(text), policy);
}

export const rounded = (value: number, digits = 2): string =>
  String(Math.round(value * 10 ** digits) / 10 ** digits);
export const percent = (value: number, digits = 2): string => `${rounded(value * 100, digits)} %`;

/** Whether a verdict is worth red ink. */
export const isBad = (verdict: Verdict | undefined): boolean =>
  verdict !== undefined && verdict.outcome !== 'pass' && verdict.outcome !== 'unknown';

/** A judged figure as a tool tells it: the verdict large, what to do beneath, and what else it says. */
export function judgedAnswer(
  measure: Measure,
  verdicts: readonly Verdict[],
  working: string,
  rows: ToolAnswer['rows'] = [],
): ToolAnswer {
  const [worst, ...others] = verdicts;
  const besides = others
    .filter(isBad)
    .map((verdict) => [verdictSays(measure, verdict), NEXT_WORDS[verdict.next]] as const);
  return {
    says: worst ? verdictSays(measure, worst) : '',
    working,
    next: worst && worst.outcome !== 'pass' ? NEXT_WORDS[worst.next] : '',
    bad: verdicts.some(isBad),
    rows: [...besides, ...rows],
  };
}
