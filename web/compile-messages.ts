import { readFile } from 'node:fs/promises';
import MessageFormat from '@messageformat/core';
import { parse, type Token } from '@messageformat/parser';
import MagicString from 'magic-string';
import { parseAst, type ESTree, type Plugin } from 'vite';

/** The languages a build can be made in: English, and one that shows what was left untranslated or is cut. */
type Language = 'en' | 'pseudo';

const ENGLISH = new MessageFormat('en', { strictPluralKeys: true });

const ACCENTED: Readonly<Record<string, string>> = Object.fromEntries(
  [...'aàeéiîoöuüyýcçnñsšzžAÀEÉIÎOÖUÜYÝCÇNÑSŠZŽ'].flatMap((letter, at, all) =>
    at % 2 === 0 ? [[letter, all[at + 1] ?? letter]] : [],
  ),
);

/** A text in accents and each word a third longer, as a language with longer words would have it. */
function pseudo(text: string): string {
  return [...text]
    .map((letter) => ACCENTED[letter] ?? letter)
    .join('')
    .replace(/\p{L}{2,}/gu, (word) => word + 'ö'.repeat(Math.round(word.length / 3)));
}

const quoted = (text: string): string => text.replace(/'/g, "''").replace(/[{}]/g, "'$&'");

/** A parsed message written as text again, with its wording passed through `word`. */
function written(tokens: readonly Token[], word: (text: string) => string): string {
  return tokens
    .map((token) => {
      switch (token.type) {
        case 'content':
          return quoted(word(token.value));
        case 'octothorpe':
          return '#';
        case 'argument':
          return `{${token.arg}}`;
        case 'plural':
        case 'select':
        case 'selectordinal':
          return `{${token.arg}, ${token.type}, ${token.cases
            .map((each) => `${each.key} {${written(each.tokens, word)}}`)
            .join(' ')}}`;
        default:
          throw new Error(`messages use no ${token.type}`);
      }
    })
    .join('');
}

const argumentsOf = (tokens: readonly Token[]): readonly string[] =>
  tokens.flatMap((token) =>
    'cases' in token
      ? [token.arg, ...token.cases.flatMap((each) => argumentsOf(each.tokens))]
      : token.type === 'argument'
        ? [token.arg]
        : [],
  );

/** The names the types of a message see in it (platform/i18n/message.ts): they must be those it really has. */
const namesSeen = (text: string): readonly string[] =>
  [...text.matchAll(/\{(\w+)(?:\}|, plural,|, select,)/g)].map(([, name]) => name ?? '');

/** The code that stands for a message: a string, or a function of what is filled in. */
export function compileMessage(text: string, language: Language = 'en'): string {
  const tokens = parse(text);
  const wanted = new Set(argumentsOf(tokens));
  const seen = new Set(namesSeen(text));
  if ([...wanted, ...seen].some((name) => !wanted.has(name) || !seen.has(name)))
    throw new Error(
      `“${text}”: a case of one word only would be read as a name, write # or more words in it`,
    );
  const said = language === 'pseudo' ? written(tokens, pseudo) : text;
  if (wanted.size > 0) return `(${ENGLISH.compile(said).toString()})`;
  return JSON.stringify(
    parse(said)
      .map((token) => ('value' in token ? token.value : ''))
      .join(''),
  );
}

const RUNTIME = {
  helpers: '@messageformat/runtime',
  rules: '@messageformat/runtime/lib/cardinals',
};
/** What a compiled text calls; a text mentions a helper only by calling it. */
const runtimeFor = (codes: readonly string[]): string => {
  const helpers = ['number', 'plural', 'select'].filter((name) =>
    codes.some((each) => each.includes(`${name}(`)),
  );
  return helpers.length === 0
    ? ''
    : `import { ${helpers.join(', ')} } from '${RUNTIME.helpers}';import { en } from '${RUNTIME.rules}';`;
};

const isNode = (node: unknown): node is ESTree.Node =>
  node !== null && typeof node === 'object' && 'type' in node;

/** Every node of a tree, outer before inner. */
function* nodesOf(node: unknown): Generator<ESTree.Node> {
  if (Array.isArray(node)) for (const each of node) yield* nodesOf(each);
  if (!isNode(node)) return;
  yield node;
  for (const value of Object.values(node)) yield* nodesOf(value);
}

interface Compiled {
  readonly start: number;
  readonly end: number;
  readonly code: string;
}

/** Every `export const key = message('…')` of a module by its key, compiled. */
function messagesIn(source: string, language: Language): ReadonlyMap<string, Compiled> {
  const found = new Map<string, Compiled>();
  for (const node of nodesOf(parseAst(source, { lang: 'ts' }).body)) {
    if (node.type !== 'VariableDeclarator' || node.init?.type !== 'CallExpression') continue;
    const { init, id } = node;
    const [text] = init.arguments;
    if (id.type !== 'Identifier' || text?.type !== 'Literal' || typeof text.value !== 'string')
      throw new Error('a message is one literal text under one name');
    found.set(id.name, { start: init.start, end: init.end, code: compileMessage(text.value, language) });
  }
  return found;
}

/** Compiles every `messages.ts` where it stands: for development and tests. */
function compileInPlace(language: Language): Plugin {
  return {
    name: 'compile-messages',
    enforce: 'pre',
    transform: {
      filter: { id: /\/messages\.ts$/ },
      handler(source) {
        const module = new MagicString(source);
        const compiled = [...messagesIn(source, language).values()];
        for (const { start, end, code } of compiled) module.overwrite(start, end, code);
        module.prepend(runtimeFor(compiled.map((each) => each.code)));
        return { code: module.toString(), map: module.generateMap({ hires: 'boundary' }) };
      },
    },
  };
}

/**
 * Puts each message where it is used, so that a view brings its own texts and no other's: a file of messages is never loaded as such.
 * Built code reads them as `t.key`; a message taken in any other way stays in its file.
 */
function placeWhereUsed(language: Language): Plugin {
  return {
    name: 'place-messages',
    apply: 'build',
    enforce: 'post',
    transform: {
      filter: { code: /import \* as \w+ from ["'][./]+messages["']/ },
      async handler(source, id) {
        const { body } = parseAst(source);
        const taken = body.find(
          (node): node is ESTree.ImportDeclaration =>
            node.type === 'ImportDeclaration' && /\/messages$/.test(node.source.value),
        );
        const name = taken?.specifiers[0]?.local.name;
        const file = taken && (await this.resolve(taken.source.value, id));
        if (!taken || !name || !file) return null;
        const messages = messagesIn(await readFile(file.id, 'utf8'), language);
        this.addWatchFile(file.id);
        const module = new MagicString(source);
        const used = new Map<string, string>();
        const called = new Set<ESTree.Node>();
        for (const node of nodesOf(body)) {
          if (node.type === 'CallExpression') called.add(node.callee);
          if (node.type !== 'MemberExpression' || node.computed) continue;
          if (node.object.type !== 'Identifier' || node.object.name !== name) continue;
          if (node.property.type !== 'Identifier') continue;
          const code = messages.get(node.property.name)?.code;
          if (code === undefined) this.error(`${file.id} has no message ${node.property.name}`);
          if (code.startsWith('"')) module.overwrite(node.start, node.end, code);
          else {
            if (!called.has(node))
              this.error(`${file.id}: ${node.property.name} is shown without what it wants filled in`);
            used.set(node.property.name, code);
            module.overwrite(node.start, node.end, `${name}_${node.property.name}`);
          }
        }
        const consts = [...used].map(([key, code]) => `const ${name}_${key} = ${code};`);
        module.overwrite(taken.start, taken.end, `${runtimeFor([...used.values()])}${consts.join('')}`);
        return { code: module.toString(), map: module.generateMap({ hires: 'boundary' }) };
      },
    },
  };
}

/** The plug-ins of the message files. `CADRE_LANGUAGE=pseudo` builds the pseudo-language. */
export function compileMessages(language = process.env['CADRE_LANGUAGE'] ?? 'en'): Plugin[] {
  if (language !== 'en' && language !== 'pseudo')
    throw new Error(`CADRE_LANGUAGE is en or pseudo, not ${language}`);
  return [compileInPlace(language), placeWhereUsed(language)];
}
