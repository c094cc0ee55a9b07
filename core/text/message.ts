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
