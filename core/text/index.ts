export type { Message } from './message';

/** A lone surrogate: half of a character that takes two code units. It cannot be encoded, so no database or file can store it. */
const LONE_SURROGATE = /[\ud800-\udbff](?![\udc00-\udfff])|(?<![\ud800-\udbff])[\udc00-\udfff]/g;

/** Whether a text has no lone surrogates. */
export const isWellFormed = (text: string): boolean => text.search(LONE_SURROGATE) < 0;

/** A text without its lone surrogates. */
export const dropLoneSurrogates = (text: string): string => text.replace(LONE_SURROGATE, '');

/** The beginning of a text, at most so many code units long; a character is never cut in two. */
export const truncate = (text: string, most: number): string => dropLoneSurrogates(text.slice(0, most));
