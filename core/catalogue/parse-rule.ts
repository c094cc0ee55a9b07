import { nearestOf } from '@cadre/core/spelling';
import type { Accessory, PartKind } from '@cadre/core/fleet';
import type { Rule } from './rule';
import { ACCESSORY_WORDS, PART_WORDS, RULE_FIELDS, RULE_NUMBERS, wordsOfField } from './rule-text';

/** What is wrong with a rule as written: where, the word, what could stand there, the nearest known word if one is near. */
export interface RuleProblem {
  readonly code:
    | 'empty'
    | 'unknown-field'
    | 'unknown-word'
    | 'not-a-number'
    | 'upside-down'
    | 'unexpected'
    | 'unclosed'
    | 'too-deep';
  /** From here, so many characters. At the end of the text: its length, 0. */
  readonly at: number;
  readonly length: number;
  readonly word: string;
  readonly wanted: readonly string[];
  readonly nearest: string | null;
}

export type ParsedRule =
  { readonly ok: true; readonly rule: Rule } | { readonly ok: false; readonly problem: RuleProblem };

interface Token {
  readonly text: string;
  readonly at: number;
}

/** Thrown inside the reader only, and turned into a value at its border. */
class Stop extends Error {
  constructor(readonly problem: RuleProblem) {
    super(problem.code);
  }
}

const DEEPEST = 40;
const STARTS = ['always', 'not', '(', 'carries', 'fitted', ...RULE_FIELDS.keys(), ...RULE_NUMBERS.keys()];

function tokensOf(text: string): Token[] {
  return [...text.matchAll(/[(),]|[^\s(),]+/g)].map((match) => ({
    text: match[0].toLowerCase(),
    at: match.index,
  }));
}

class Reader {
  private next = 0;
  private depth = 0;
  private readonly tokens: readonly Token[];

  constructor(private readonly text: string) {
    this.tokens = tokensOf(text);
  }

  whole(): Rule {
    if (this.tokens.length === 0) this.stop('empty', STARTS);
    const rule = this.anyOf();
    if (this.peek()) this.stop('unexpected', ['and', 'or']);
    return rule;
  }

  private peek(): string | null {
    return this.tokens[this.next]?.text ?? null;
  }

  private take(word: string): boolean {
    if (this.peek() !== word) return false;
    this.next += 1;
    return true;
  }

  private stop(code: RuleProblem['code'], wanted: readonly string[], at = this.next): never {
    const token = this.tokens[at];
    const nearest = token ? nearestOf(token.text, wanted) : null;
    throw new Stop({
      code,
      at: token?.at ?? this.text.length,
      length: token?.text.length ?? 0,
      word: token?.text ?? '',
      wanted,
      nearest,
    });
  }

  private anyOf(): Rule {
    const clauses = [this.allOf()];
    while (this.take('or')) clauses.push(this.allOf());
    return clauses.length === 1 && clauses[0] ? clauses[0] : { any: clauses };
  }

  private allOf(): Rule {
    const clauses = [this.clause()];
    while (this.take('and')) clauses.push(this.clause());
    return clauses.length === 1 && clauses[0] ? clauses[0] : { all: clauses };
  }

  private clause(): Rule {
    this.depth += 1;
    if (this.depth > DEEPEST) this.stop('too-deep', []);
    try {
      if (this.take('not')) return { not: this.clause() };
      if (this.take('(')) {
        const rule = this.anyOf();
        if (!this.take(')')) this.stop(this.peek() ? 'unexpected' : 'unclosed', [')', 'and', 'or']);
        return rule;
      }
      return this.test();
    } finally {
      this.depth -= 1;
    }
  }

  private test(): Rule {
    if (this.take('always')) return { always: true };
    if (this.take('carries')) return { carries: this.list(ACCESSORY_WORDS) as Accessory[] };
    if (this.take('fitted')) return { part: this.list(PART_WORDS) as PartKind[] };
    const word = this.peek();
    const field = RULE_FIELDS.get(word ?? '');
    const number = RULE_NUMBERS.get(word ?? '');
    if (!field && !number) this.stop(word ? 'unknown-field' : 'unexpected', STARTS);
    this.next += 1;
    if (field && this.take('is')) {
      const denied = this.take('not');
      const rule: Rule = { fitted: field, in: this.list(wordsOfField(field)) };
      return denied ? { not: rule } : rule;
    }
    if (number) return { number, ...this.range() };
    return this.stop('unexpected', ['is']);
  }

  private range(): { least?: number; most?: number } {
    if (this.take('is')) {
      const exactly = this.number();
      return { least: exactly, most: exactly };
    }
    if (this.take('at')) {
      if (this.take('least')) return { least: this.number() };
      if (this.take('most')) return { most: this.number() };
      return this.stop('unexpected', ['least', 'most']);
    }
    if (this.take('from')) {
      const least = this.number();
      if (!this.take('to')) this.stop('unexpected', ['to']);
      const most = this.number();
      if (most < least) this.stop('upside-down', [], this.next - 1);
      return { least, most };
    }
    return this.stop('unexpected', ['is', 'at', 'from']);
  }

  private number(): number {
    const word = this.peek() ?? '';
    if (!/^\d{1,4}(\.\d{1,3})?$/.test(word)) this.stop('not-a-number', []);
    this.next += 1;
    return Number(word);
  }

  private list(known: readonly string[]): string[] {
    const words: string[] = [];
    do {
      const word = this.peek();
      if (!word || !known.includes(word)) this.stop(word ? 'unknown-word' : 'unexpected', known);
      words.push(word);
      this.next += 1;
    } while (this.take(','));
    return words;
  }
}

/**
 * Reads a rule as people write it: `brake is rim, drum and not kind is trike`, `sprockets at least 11 or fitted battery`. `and`
 * binds tighter than `or`, `not` tightest; commas list words of which one is enough. Never throws: the first wrong word is told.
 */
export function parseRule(text: string): ParsedRule {
  try {
    return { ok: true, rule: new Reader(text).whole() };
  } catch (error) {
    if (error instanceof Stop) return { ok: false, problem: error.problem };
    throw error;
  }
}
