/** Half of a letter that takes two units, with the other half cut off: no database and no file can hold it. */
const HALF = /[\ud800-\udbff](?![\udc00-\udfff])|(?<![\ud800-\udbff])[\udc00-\udfff]/g;

/** Whether every letter of a text is whole. */
export const isWhole = (text: string): boolean => text.search(HALF) < 0;

/** A text without the halves of letters in it. */
export const wholeLetters = (text: string): string => text.replace(HALF, '');

/** The beginning of a text, at most so many units long, ending with a whole letter. */
export const cutText = (text: string, most: number): string => wholeLetters(text.slice(0, most));
