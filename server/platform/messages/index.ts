import MessageFormat from '@messageformat/core';
import type { Message } from '@cadre/core/text';

const ENGLISH = new MessageFormat('en');

/**
 * One text a person reads, in the message format of ICU: what the server prints, as the web app has its own. Without anything to fill in it
 * is a string, else a function of what is filled in.
 */
export function message<const Text extends string>(text: Text): Message<Text> {
  const compiled = ENGLISH.compile(text);
  return (/[{}]/.test(text) ? compiled : compiled()) as Message<Text>;
}
