/** What a message wants filled in: a number where it counts something, else a name or a figure. */
type Wanted<Head extends string> = Head extends `${infer Name}, plural,${string}`
  ? { readonly [K in Name]: number }
  : Head extends `${infer Name}, select,${string}`
    ? { readonly [K in Name]: string }
    : Head extends '' | `${string} ${string}` | `#${string}`
      ? unknown
      : { readonly [K in Head]: string | number };

type Params<Text extends string, Found = unknown> = Text extends `${string}{${infer After}`
  ? After extends `${infer Head}}${string}`
    ? Params<After, Found & Wanted<Head>>
    : Found
  : Found;

export type Message<Text extends string> =
  unknown extends Params<Text> ? string : (params: Params<Text>) => string;

/**
 * One text a person reads, in the message format of ICU: `{name}` is filled in, `{count, plural, one {# bike} other {# bikes}}` counts.
 * A text without anything to fill in is a string, every other one a function of its parameters. The build puts the compiled text in the
 * place of this call (compile-messages.ts), so nothing of it is left to run.
 */
export function message<const Text extends string>(text: Text): Message<Text> {
  throw new Error(`this message was not compiled: ${text}`);
}
