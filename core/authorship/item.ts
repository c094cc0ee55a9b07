import { canonicalJson } from '@cadre/core/event-log';
import { dropLoneSurrogates } from '@cadre/core/text';

/** What a person says that may be delivered in another person's session. */
export const ITEM_KINDS = ['mark', 'signature', 'opening', 'not-reassembled', 'photo', 'release'] as const;
export type ItemKind = (typeof ITEM_KINDS)[number];

/** Where an item stands in the series of one person on one browser. */
export interface ItemPlace {
  /** The series: one a person and browser. Its key, where there is one, goes by this id. */
  readonly writerId: string;
  /** Grows with every item of the series, whatever any clock says. */
  readonly counter: number;
  /** SHA-256 of the text of the item signed before, in hexadecimal; GENESIS for the first. */
  readonly previous: string;
}

/** The signature of an item's text with the key of its series: ECDSA P-256 over SHA-256, base64url of r and s. */
export interface Proof extends ItemPlace {
  readonly signature: string;
}

/** Texts as the server stores them: trimmed, and with no lone surrogates. Both sides sign and check these. */
function stored(value: unknown): unknown {
  if (typeof value === 'string') return dropLoneSurrogates(value).trim();
  if (Array.isArray(value)) return value.map(stored);
  if (value !== null && typeof value === 'object')
    return Object.fromEntries(Object.entries(value).map(([name, each]) => [name, stored(each)]));
  return value;
}

/**
 * The text that an item's author signs.
 *
 * @param kind what it is
 * @param content all it says, its author and id among it; no proof
 * @param place where it stands in its author's series
 */
export function itemText(kind: ItemKind, content: object, place: ItemPlace): string {
  const { writerId, counter, previous } = place;
  return canonicalJson(['cadre-item-1', kind, writerId, counter, previous, stored(content)]);
}

/**
 * All an item says, for its text: what it is about, and what was given but for the proof itself.
 *
 * @param about what it belongs to, where the address says so and not the item: the bike, the checklist
 */
export function itemContent(about: object, given: object): object {
  const { proof: _proof, ...said } = given as { readonly proof?: unknown };
  return { ...about, ...said };
}
