import { codeIn } from '@cadre/core/labels';
import type { Bike } from '@cadre/contract/fleet';

/** What a scanned or typed text leads to. */
export type CodeTarget =
  | { readonly kind: 'bike'; readonly bike: Bike }
  | { readonly kind: 'label'; readonly code: string }
  | { readonly kind: 'page'; readonly path: string }
  | { readonly kind: 'nobody' };

const PAGES = /^\/(batch-check|paper|rounds|bikes|stand|checks)(\/|\?|$)/;

/** A tag, the code of a label under whatever address it was printed with, or an address of this very program as its own codes carry it. Anything else leads nowhere. */
export function readCode(text: string, bikes: readonly Bike[], origin: string): CodeTarget {
  const plain = text.trim();
  const tag = plain.toUpperCase();
  const bike = bikes.find((each) => each.tag.toUpperCase() === tag);
  if (bike) return { kind: 'bike', bike };
  const code = codeIn(plain);
  if (code !== null) return { kind: 'label', code };
  if (plain.startsWith(`${origin}/`)) {
    const path = plain.slice(origin.length);
    if (PAGES.test(path)) return { kind: 'page', path };
  }
  return { kind: 'nobody' };
}
