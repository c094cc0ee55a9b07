import { headingOf, type Column, type RowIssue, type RowIssueCode } from '@cadre/core/exchange';
import { count } from '@cadre/web/platform/time';
import { fieldWords, type Said } from '@cadre/web/platform/api';
import { fitItemWords } from '@cadre/web/words';
import type { FieldIssue } from '@cadre/core/errors';
import { MOST_BYTES, type FileFault } from './read-file';

const COLUMN_WORDS: Partial<Record<string, string>> = {
  boughtOn: 'Bought on',
  warrantyUntil: 'Warranty until',
  serial: 'Serial number',
  rack: 'Rack',
  hook: 'Hook',
  wheelSize: 'Wheel size, both',
  brake: 'Brakes, both',
  retention: 'Axles, both',
  tyre: 'Tyres, both',
  retentionFront: 'Front axle',
  retentionRear: 'Rear axle',
  wheelSizeFront: 'Front wheel size',
  wheelSizeRear: 'Rear wheel size',
  brakeFront: 'Front brake',
  brakeRear: 'Rear brake',
  tyreFront: 'Front tyre',
  tyreRear: 'Rear tyre',
};

export function columnWords(column: Column): string {
  if (column.startsWith('fit:')) return `Fit list: ${fitItemWords(column.slice(4)).toLowerCase()}`;
  return COLUMN_WORDS[column] ?? headingOf(column);
}

export const FAULT_WORDS: Record<FileFault, (detail: string) => Said> = {
  'too-large': (detail) => ({
    what: `The file is ${Math.round(Number(detail) / 1e6)} MB; at most ${MOST_BYTES / 1e6} MB.`,
    todo: 'Export the list alone, without pictures. Nothing was kept.',
  }),
  empty: () => ({
    what: 'There is nothing in this file but empty cells.',
    todo: 'Save the list again from the spreadsheet. Nothing was kept.',
  }),
  'no-table': () => ({
    what: 'This is no table.',
    todo: 'Save the list as CSV or as a workbook (.xlsx) and try again. Nothing was kept.',
  }),
  'no-headings': (detail) => ({
    what: `No line names its columns${detail ? ` (it begins with: ${detail})` : ''}.`,
    todo: 'Put headings like Tag, Model, Size over the list. Nothing was kept.',
  }),
  'too-wide': (detail) => ({
    what: `The table has ${detail} columns.`,
    todo: 'Bring in the list of bikes alone. Nothing was kept.',
  }),
  'too-long': (detail) => ({
    what: `The table has ${detail} rows; at most 20,000 at once.`,
    todo: 'Bring it in by parts. Nothing was kept.',
  }),
  'broken-workbook': (detail) => ({
    what: `The workbook cannot be opened (${detail}).`,
    todo: 'Save it again, or as CSV. Nothing was kept.',
  }),
  'too-slow': (detail) => ({
    what: `Reading it was stopped after ${detail} seconds.`,
    todo: 'Save the list alone as CSV and try that. Nothing was kept.',
  }),
  'not-a-fleet-file': (detail) => ({
    what: `This is no fleet file of Cadre (${detail}).`,
    todo: 'Use a file exported here, or one that follows /api/fleet-document.schema.json. Nothing was kept.',
  }),
};

type IssueWords = (value: string, correction: string | null) => string;
const quoted = (value: string): string => `“${value}”`;

/** What is wrong with a field of a row, and its correction. */
const ISSUE_WORDS: Record<RowIssueCode, IssueWords> = {
  'tag-missing': () => 'has no tag: give it one',
  'tag-form': (value, correction) =>
    `tag ${quoted(value)} has other than letters, digits and dashes${correction ? `: ${correction} would do` : ''}`,
  'tag-twice': (value, correction) =>
    `tag ${value} is in row ${correction} already: give one of them another`,
  'tag-in-fleet': (value) =>
    `${value} is in the fleet already: tick “Change bikes that are in the fleet”, or give it another tag`,
  'kind-missing': () => 'does not say what kind of bike it is: fill in its kind, or a model that is known',
  'model-missing': () => 'has no model: name it',
  'word-unknown': (value, correction) =>
    `${quoted(value)} is not understood${correction ? `: did it mean ${correction}?` : ': say above what it means'}`,
  'word-unsure': (value, correction) => `${quoted(value)} may mean ${correction}: say so above`,
  'date-unread': (value, correction) => `date ${quoted(value)} is not read: write it like ${correction}`,
  'number-unread': (value, correction) =>
    `${quoted(value)} is not read as a number: write it like ${correction}`,
  'out-of-range': (value) => `${quoted(value)} is out of range: look at its unit`,
  'too-long': (value) => `${quoted(value.slice(0, 24))}… is too long: shorten it`,
  'site-unknown': (value, correction) =>
    value
      ? `site ${quoted(value)} is not known${correction ? `: did it mean ${correction}?` : ': tick “Make sites, racks and hooks”'}`
      : 'names no site: choose one above',
  'rack-unknown': (value, correction) =>
    `rack ${quoted(value)} is not known${correction ? `: did it mean ${correction}?` : ': tick “Make sites, racks and hooks”'}`,
  'hook-unknown': (value, correction) => `hook ${quoted(value)} is not there: ${correction}`,
  'hook-taken': (value, correction) =>
    `${correction} hangs on hook ${value} and is not in this list: choose another hook`,
  'hook-twice': (value, correction) => `hook ${value} is given to row ${correction} too: choose another`,
  'rack-full': (value) => `${value} has no free hook: choose another rack, or let missing hooks be added`,
  refused: (value) => value,
};

export function issueWords(issue: RowIssue): string {
  const words = ISSUE_WORDS[issue.code](issue.value, issue.correction);
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
  if (issue.code === 'changed-meanwhile') return 'somebody changed this bike meanwhile: bring it in again';
  return `${field}: ${fieldWords(issue.code, issue.params)}`;
}

export function doneWords(added: number, changed: number): string {
  return (
    [added ? `${count(added, 'bike')} came in` : '', changed ? `${count(changed, 'bike')} changed` : '']
      .filter(Boolean)
      .join(', ') || 'Nothing to bring in'
  );
}
