import { plain, sizeKey } from './plain';

/** What a bike can be found by. Words are as the screen says them, so that people type what they read. */
export interface Findable {
  readonly tag: string;
  readonly size: string;
  /** Fitness, whereabouts, kind, model, site, rack and whatever else is said of it. */
  readonly words: readonly string[];
}

interface Indexed {
  readonly tag: string;
  readonly size: string;
  readonly words: readonly string[];
}

const plained = new Map<string, readonly string[]>();
/** The words of a text made plain; a fleet says the same few hundred texts again and again. */
function plainWords(text: string): readonly string[] {
  const known = plained.get(text);
  if (known) return known;
  const words = plain(text).split(' ').filter(Boolean);
  if (plained.size > 5000) plained.clear();
  plained.set(text, words);
  return words;
}

const sizes = new Map<string, string>();
function sizeOf(size: string): string {
  const known = sizes.get(size);
  if (known !== undefined) return known;
  if (sizes.size > 5000) sizes.clear();
  sizes.set(size, sizeKey(size));
  return sizeKey(size);
}

/** What a bike is found by, made once and asked often. */
export function indexFor(bike: Findable): Indexed {
  return {
    tag: plainWords(bike.tag).join(''),
    size: sizeOf(bike.size),
    words: bike.words.flatMap(plainWords),
  };
}

function matches(bike: Indexed, token: string): boolean {
  if (bike.tag.startsWith(token.replace(/ /g, ''))) return true;
  // A size is one word or a number: "m" must not find every "mountain".
  if (bike.size === sizeKey(token)) return true;
  return token.length > 1 && bike.words.some((word) => word.startsWith(token));
}

/** The words somebody typed, with inches kept to their number: "held 24 in boathouse" is held, 24in, boathouse. */
export function tokensOf(text: string): readonly string[] {
  return plain(text.replace(/(\d+(?:[.,]\d)?)\s*(?:"|”|inch(?:es)?|in)(?=[\s,;]|$)/gi, '$1in'))
    .split(' ')
    .map((word) => word.replace(/^[.,]+|[.,]+$/g, ''))
    .filter(Boolean);
}

/**
 * The bikes every typed word is true of, in the order given, and the words that are true of no bike at
 * all: those are told, so that a slip does not look like an empty rack.
 */
export function searchBikes<T extends Indexed>(
  bikes: readonly T[],
  text: string,
): { readonly found: readonly T[]; readonly unknown: readonly string[] } {
  const tokens = tokensOf(text);
  const unknown = tokens.filter((token) => !bikes.some((bike) => matches(bike, token)));
  return { found: bikes.filter((bike) => tokens.every((token) => matches(bike, token))), unknown };
}
