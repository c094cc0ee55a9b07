import type { Message } from '@cadre/core/text';

/**
 * One text a person reads, in the message format of ICU: `{name}` is filled in, `{count, plural, one {# bike} other {# bikes}}` counts.
 * A text without anything to fill in is a string, every other one a function of its parameters. The build puts the compiled text in the
 * place of this call (compile-messages.ts), so nothing of it is left to run.
 */
export function message<const Text extends string>(text: Text): Message<Text> {
  throw new Error(`this message was not compiled: ${text}`);
}
