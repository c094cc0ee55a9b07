import { headingOf, type Column, type RowIssue, type RowIssueCode } from '@cadre/core/exchange';
import { fieldWords, type Said } from '@cadre/web/platform/api';
import { fitItemWords } from '@cadre/web/words';
import type { FieldIssue } from '@cadre/core/errors';
import { MOST_BYTES, type FileFault } from './read-file';
import * as t from './messages';

const COLUMN_WORDS: Partial<Record<string, string>> = {
  boughtOn: t.boughtOn,
  warrantyUntil: t.warrantyUntil,
  serial: t.serialNumber,
  rack: t.rack,
  hook: t.hook,
  wheelSize: t.wheelSizeBoth,
  brake: t.brakesBoth,
  retention: t.axlesBoth,
  tyre: t.tyresBoth,
  retentionFront: t.frontAxle,
  retentionRear: t.rearAxle,
  wheelSizeFront: t.frontWheelSize,
  wheelSizeRear: t.rearWheelSize,
  brakeFront: t.frontBrake,
  brakeRear: t.rearBrake,
  tyreFront: t.frontTyre,
  tyreRear: t.rearTyre,
};

export function columnWords(column: Column): string {
  if (column.startsWith('fit:'))
    return t.fitListFititem({ fitItem: fitItemWords(column.slice(4)).toLowerCase() });
  return COLUMN_WORDS[column] ?? headingOf(column);
}

export const FAULT_WORDS: Record<FileFault, (detail: string) => Said> = {
  'too-large': (detail) => ({
    what: t.fileDetailMbMost({ detail: Math.round(Number(detail) / 1e6), mostBytes: MOST_BYTES / 1e6 }),
    todo: t.exportListAloneWithout,
  }),
  empty: () => ({
    what: t.thereNothingInFile,
    todo: t.saveListAgainFrom,
  }),
  'no-table': () => ({
    what: t.noTable,
    todo: t.saveListAsCsv,
  }),
  'no-headings': (detail) => ({
    what: t.noLineNamesIts({ part: detail ? t.beginsWithDetail({ detail }) : '' }),
    todo: t.putHeadingsLikeTag,
  }),
  'too-wide': (detail) => ({
    what: t.tableHasDetailColumns({ detail }),
    todo: t.bringInListBikes,
  }),
  'too-long': (detail) => ({
    what: t.tableHasDetailRows({ detail }),
    todo: t.bringInPartsNothing,
  }),
  'broken-workbook': (detail) => ({
    what: t.workbookCannotOpenedDetail({ detail }),
    todo: t.saveAgainAsCsv,
  }),
  'too-slow': (detail) => ({
    what: t.readingWasStoppedAfter({ detail }),
    todo: t.saveListAloneAs,
  }),
  'not-a-fleet-file': (detail) => ({
    what: t.noFleetFileCadre({ detail }),
    todo: t.useFileExportedHere,
  }),
};

type IssueWords = (value: string, correction: string) => string;
const quoted = (value: string): string => `“${value}”`;

/** What is wrong with a field of a row, and its correction. */
const ISSUE_WORDS: Record<RowIssueCode, IssueWords> = {
  'tag-missing': () => t.hasNoTagGive,
  'tag-form': (value, correction) =>
    t.tagValueHasOther({ value: quoted(value), part: correction ? t.correctionWouldDo({ correction }) : '' }),
  'tag-twice': (value, correction) => t.tagValueInRow({ value, correction }),
  'tag-in-fleet': (value) => t.valueInFleetAlready({ value }),
  'kind-missing': () => t.doesNotSayWhat,
  'model-missing': () => t.hasNoModelName,
  'word-unknown': (value, correction) =>
    t.valueNotUnderstoodPart({
      value: quoted(value),
      part: correction ? t.didMeanCorrection({ correction }) : t.sayAboveWhatMeans,
    }),
  'word-unsure': (value, correction) => t.valueMayMeanCorrection({ value: quoted(value), correction }),
  'date-unread': (value, correction) => t.dateValueNotRead({ value: quoted(value), correction }),
  'number-unread': (value, correction) => t.valueNotReadAs({ value: quoted(value), correction }),
  'out-of-range': (value) => t.valueOutRangeLook({ value: quoted(value) }),
  'too-long': (value) => t.valueTooLongShorten({ value: quoted(value.slice(0, 24)) }),
  'site-unknown': (value, correction) =>
    value
      ? t.siteValueNotKnown({
          value: quoted(value),
          part: correction ? t.didMeanCorrection({ correction }) : t.tickMakeSitesRacks,
        })
      : t.namesNoSiteChoose,
  'rack-unknown': (value, correction) =>
    t.rackValueNotKnown({
      value: quoted(value),
      part: correction ? t.didMeanCorrection({ correction }) : t.tickMakeSitesRacks,
    }),
  'hook-unknown': (value, correction) => t.hookValueNotThere({ value: quoted(value), correction }),
  'hook-taken': (value, correction) => t.correctionHangsOnHook({ correction, value }),
  'hook-twice': (value, correction) => t.hookValueGivenRow({ value, correction }),
  'rack-full': (value) => t.valueHasNoFree({ value }),
  refused: (value) => value,
};

export function issueWords(issue: RowIssue): string {
  const words = ISSUE_WORDS[issue.code](issue.value, issue.correction ?? '');
  const named: readonly RowIssueCode[] = [
    'tag-missing',
    'tag-form',
    'tag-twice',
    'tag-in-fleet',
    'kind-missing',
    'model-missing',
    'site-unknown',
    'rack-unknown',
    'hook-unknown',
    'hook-taken',
    'hook-twice',
    'rack-full',
  ];
  return issue.column && !named.includes(issue.code) ? `${columnWords(issue.column)}: ${words}` : words;
}

/** What the server refused of a row when it was already good here: somebody was faster. */
export function refusedWords(issue: FieldIssue, field: string): string {
  if (issue.code === 'changed-meanwhile') return t.somebodyChangedBikeMeanwhile;
  return `${field}: ${fieldWords(issue.code, issue.params)}`;
}

export function doneWords(added: number, changed: number): string {
  return (
    [added ? t.bikeCameIn({ added }) : '', changed ? t.bikeChanged2({ changed }) : '']
      .filter(Boolean)
      .join(', ') || t.nothingBringIn
  );
}
