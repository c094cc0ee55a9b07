import Papa from 'papaparse';
import { fleetDocument } from '@cadre/contract/exchange/schemas';
import { FLEET_SCHEMA, type FleetDocument } from '@cadre/core/exchange';
import * as t from './messages';

const SEPARATOR_WORDS: Record<string, string> = {
  ',': t.commas,
  ';': t.semicolons,
  '\t': t.tabs,
  '|': t.bars,
};

/** Why a file is no list of bikes; the words are the screen's. */
export const FILE_FAULTS = [
  'too-large',
  'empty',
  'no-table',
  'no-headings',
  'too-wide',
  'too-long',
  'broken-workbook',
  'not-a-fleet-file',
  'too-slow',
] as const;
export type FileFault = (typeof FILE_FAULTS)[number];

export const MOST_BYTES = 20_000_000;
const MOST_ROWS = 20_000;
const MOST_COLUMNS = 250;
/** What a workbook holds once it is unpacked: more is no list of bikes. */
const MOST_UNPACKED = 200_000_000;

export type ReadFile =
  | { readonly kind: 'table'; readonly rows: readonly (readonly string[])[]; readonly written: string }
  | { readonly kind: 'document'; readonly document: FleetDocument }
  | { readonly kind: 'fault'; readonly fault: FileFault; readonly detail: string };

const fault = (what: FileFault, detail = ''): ReadFile => ({ kind: 'fault', fault: what, detail });

/** The text of a file in whichever of the usual ways it is written, and that way's name. */
function decode(bytes: Uint8Array): { readonly text: string; readonly written: string } {
  if (bytes[0] === 0xff && bytes[1] === 0xfe)
    return { text: new TextDecoder('utf-16le').decode(bytes), written: 'UTF-16' };
  if (bytes[0] === 0xfe && bytes[1] === 0xff)
    return { text: new TextDecoder('utf-16be').decode(bytes), written: 'UTF-16' };
  try {
    return {
      text: new TextDecoder('utf-8', { fatal: true }).decode(bytes),
      written: bytes[0] === 0xef ? t.utf8WithMark : 'UTF-8',
    };
  } catch {
    return { text: new TextDecoder('windows-1252').decode(bytes), written: 'Windows-1252' }; // the only reason a fatal decoder throws: it is not UTF-8
  }
}

/** Most of what a text holds can be read; a picture or a program cannot. */
function looksBinary(bytes: Uint8Array): boolean {
  if ((bytes[0] === 0xff && bytes[1] === 0xfe) || (bytes[0] === 0xfe && bytes[1] === 0xff)) return false;
  return bytes.subarray(0, 4096).some((byte) => byte === 0 || (byte < 9 && byte > 0));
}

function tidy(rows: readonly (readonly string[])[], written: string): ReadFile {
  const widest = rows.reduce((most, row) => Math.max(most, row.length), 0);
  const filled = rows.filter((row) => row.some((cell) => cell.trim() !== ''));
  if (filled.length === 0) return fault('empty');
  if (widest > MOST_COLUMNS) return fault('too-wide', String(widest));
  if (rows.length > MOST_ROWS + 20) return fault('too-long', String(rows.length));
  if (widest < 2) return fault('no-table');
  // What follows the last line is no line.
  const last = rows.findLastIndex((row) => row.some((cell) => cell.trim() !== ''));
  return { kind: 'table', rows: rows.slice(0, last + 1), written };
}

function readText(bytes: Uint8Array): ReadFile {
  const { text, written } = decode(bytes);
  const first = /^\uFEFF?sep=(.)\r?\n/i.exec(text);
  const body = first ? text.slice(first[0].length) : text;
  // Blank lines count against every separator alike, and would hide it in a short list.
  const separator =
    first?.[1] ??
    Papa.parse<string[]>(body, {
      preview: 60,
      delimitersToGuess: [',', ';', '\t', '|'],
      skipEmptyLines: 'greedy',
    }).meta.delimiter;
  const parsed = Papa.parse<string[]>(body, { delimiter: separator, skipEmptyLines: false });
  const between = SEPARATOR_WORDS[parsed.meta.delimiter] ?? parsed.meta.delimiter;
  return tidy(parsed.data, t.writtenWithBetween({ written, between }));
}

function readDocument(bytes: Uint8Array): ReadFile {
  let value: unknown;
  try {
    value = JSON.parse(decode(bytes).text);
  } catch (error) {
    return fault('not-a-fleet-file', (error as Error).message);
  }
  const parsed = fleetDocument.safeParse(value);
  if (parsed.success) return { kind: 'document', document: parsed.data };
  const [issue] = parsed.error.issues;
  return fault('not-a-fleet-file', issue ? `${issue.path.join('.') || FLEET_SCHEMA}: ${issue.code}` : '');
}

const ENTRY = 0x02014b50;

/** What a zip's own list says its files take unpacked. One that lies is stopped by the time it takes. */
function unpackedSize(bytes: Uint8Array): number {
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  let sum = 0;
  for (let at = 0; at + 46 <= view.byteLength; at += 1)
    if (view.getUint8(at) === 0x50 && view.getUint32(at, true) === ENTRY)
      sum += view.getUint32(at + 24, true);
  return sum;
}

async function readWorkbook(bytes: Uint8Array): Promise<ReadFile> {
  const unpacked = unpackedSize(bytes);
  if (unpacked > MOST_UNPACKED) return fault('too-large', String(unpacked));
  const { readSheet } = await import('./workbook');
  try {
    const read = await readSheet(bytes, { rows: MOST_ROWS + 20, columns: MOST_COLUMNS });
    if ('columns' in read)
      return read.columns > MOST_COLUMNS
        ? fault('too-wide', String(read.columns))
        : fault('too-long', String(read.rows));
    return tidy(read, t.firstSheetWorkbook);
  } catch (error) {
    return fault('broken-workbook', (error as Error).message);
  }
}

/** Reads a file of bikes: a table however it is written, a workbook, or a fleet file. Anything else is told as what it is. */
export async function readFile(file: Blob): Promise<ReadFile> {
  if (file.size > MOST_BYTES) return fault('too-large', String(file.size));
  const bytes = new Uint8Array(await file.arrayBuffer());
  if (bytes.length === 0) return fault('empty');
  if (bytes[0] === 0x50 && bytes[1] === 0x4b && bytes[2] === 3) return readWorkbook(bytes);
  if (looksBinary(bytes)) return fault('no-table');
  const start = bytes.findIndex((byte) => ![0xef, 0xbb, 0xbf, 0x20, 0x0a, 0x0d, 0x09].includes(byte));
  return bytes[start] === 0x7b ? readDocument(bytes) : readText(bytes);
}
