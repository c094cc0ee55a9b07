import { kindIn } from '@cadre/core/fleet';
import type { Want } from '../groups';

const WORD_NUMBERS: Readonly<Record<string, number>> = {
  a: 1,
  an: 1,
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
  nine: 9,
  ten: 10,
  twelve: 12,
};

export type ReadWants = { readonly wants: readonly Want[]; readonly unread: readonly string[] };

function wantIn(text: string): Want | null {
  const match =
    /^(\d+|[a-z]+)\s*[x×*]?\s+(.+)$/i.exec(text) ??
    /^(\d+)\s*[x×*]\s*(.+)$/i.exec(text) ??
    /^(\d+)()$/.exec(text);
  if (!match) return null;
  const count = /^\d+$/.test(match[1] ?? '')
    ? Number(match[1])
    : (WORD_NUMBERS[(match[1] ?? '').toLowerCase()] ?? 0);
  if (count < 1 || count > 500) return null;
  const words = (match[2] ?? '').trim();
  const size =
    /(\d+(?:[.,]\d)?)\s*(?:"|”|in\b|inch)/i.exec(words)?.[1] ??
    /\b(XXS|XS|S|M|L|XL|XXL)\b/.exec(words)?.[1] ??
    /\bsize\s+(\S+)/i.exec(words)?.[1] ??
    '';
  const kind = words === '' ? null : kindIn(words.replace(/-/g, ' '));
  const anyBike = words === '' || /^(any|bikes?|adults?)\b/i.test(words);
  if (!size && !kind && !anyBike) return null;
  return { count, kind, size: /^\d/.test(size) ? `${size.replace(',', '.')} in` : size };
}

/** What a line like "8 x 24in, 4 hybrid M and 2 trikes" wants, and the pieces of it nobody can read. */
export function readWants(text: string): ReadWants {
  const pieces = text
    .split(/[,;\n]|\band\b|\+/i)
    .map((piece) => piece.trim())
    .filter(Boolean);
  const read = pieces.map((piece) => [piece, wantIn(piece)] as const);
  return {
    wants: read.flatMap(([, want]) => (want ? [want] : [])),
    unread: read.filter(([, want]) => !want).map(([piece]) => piece),
  };
}
