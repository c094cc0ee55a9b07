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
  brakeRearSecond: t.secondRearBrake,
  tyreFront: t.frontTyre,
  tyreRear: t.rearTyre,
};

export function columnWords(column: Column): string {
  if (column.startsWith('fit:'))
    return t.fitListFitItem({ fitItem: fitItemWords(column.slice(4)).toLowerCase() });
  return COLUMN_WORDS[column] ?? headingOf(column);
}

export const FAULT_WORDS: Record<FileFault, (detail: string) => Said> = {
  'too-large': (detail) => ({
    what: t.fileHasDetailMb({ detail: Math.round(Number(detail) / 1e6), mostBytes: MOST_BYTES / 1e6 }),
    todo: t.exportOnlyListWithout,
  }),
  empty: () => ({
    what: t.fileHasOnlyEmpty,
    todo: t.saveListAgainIn,
  }),
  'no-table': () => ({
    what: t.fileNotTable,
    todo: t.saveListAsCsv,
  }),
  'no-headings': (detail) => ({
    what: t.listHasNoLine({ part: detail ? t.startsWithDetail({ detail }) : '' }),
    todo: t.putHeadingsSuchAs,
  }),
  'too-wide': (detail) => ({
    what: t.tableHasDetailColumns({ detail }),
    todo: t.importOnlyListBikes,
  }),
  'too-long': (detail) => ({
    what: t.tableHasDetailRows({ detail }),
    todo: t.importListInParts,
  }),
  'broken-workbook': (detail) => ({
    what: t.workbookCannotOpenedDetail({ detail }),
    todo: t.saveFileAgainAs,
  }),
  'too-slow': (detail) => ({
    what: t.readingFileWasStopped({ detail }),
    todo: t.saveOnlyListAs,
  }),
  'not-a-fleet-file': (detail) => ({
    what: t.notFleetFileCadre({ detail }),
    todo: t.useFileExportedFrom,
  }),
};

type IssueWords = (value: string, correction: string) => string;
const quoted = (value: string): string => `“${value}”`;

/** What is wrong with a field of a row, and its correction. */
const ISSUE_WORDS: Record<RowIssueCode, IssueWords> = {
  'tag-missing': () => t.hasNoTagEnter,
  'tag-form': (value, correction) =>
    t.tagValueMayHave({
      value: quoted(value),
      part: correction ? t.forExampleCorrection({ correction }) : '',
    }),
  'tag-twice': (value, correction) => t.tagValueAlreadyIn({ value, correction }),
  'tag-in-fleet': (value) => t.valueAlreadyInFleet({ value }),
  'kind-missing': () => t.hasNoKindBike,
  'model-missing': () => t.hasNoModelEnter,
  'word-unknown': (value, correction) =>
    t.valueNotUnderstoodPart({
      value: quoted(value),
      part: correction ? t.didYouMeanCorrection({ correction }) : t.chooseItsMeaningAbove,
    }),
  'word-unsure': (value, correction) => t.valueMayMeanCorrection({ value: quoted(value), correction }),
  'date-unread': (value, correction) => t.dateValueNotUnderstood({ value: quoted(value), correction }),
  'number-unread': (value, correction) => t.valueNotNumberWrite({ value: quoted(value), correction }),
  'out-of-range': (value) => t.valueOutsidePossibleRange({ value: quoted(value) }),
  'too-long': (value) => t.valueTooLongShorten({ value: quoted(value.slice(0, 24)) }),
  'site-unknown': (value, correction) =>
    value
      ? t.siteValueNotKnown({
          value: quoted(value),
          part: correction ? t.didYouMeanCorrection({ correction }) : t.tickAddSitesRacks,
        })
      : t.hasNoSiteChoose,
  'rack-unknown': (value, correction) =>
    t.rackValueNotKnown({
      value: quoted(value),
      part: correction ? t.didYouMeanCorrection({ correction }) : t.tickAddSitesRacks,
    }),
  'hook-unknown': (value, correction) => t.hookValueDoesNot({ value: quoted(value), correction }),
  'hook-taken': (value, correction) => t.correctionOnHookValue({ correction, value }),
  'hook-twice': (value, correction) => t.rowCorrectionAlsoUses({ value, correction }),
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
  if (issue.code === 'changed-meanwhile') return t.anotherPersonHasChanged;
  return `${field}: ${fieldWords(issue.code, issue.params)}`;
}

export function doneWords(added: number, changed: number): string {
  return (
    [added ? t.bikeAdded({ added }) : '', changed ? t.bikeChanged2({ changed }) : '']
      .filter(Boolean)
      .join(', ') || t.nothingImport
  );
}
