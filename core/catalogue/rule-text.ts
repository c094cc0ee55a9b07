import { ACCESSORIES, BUILD_WORDS, PART_KINDS, type BuildWord } from '@cadre/core/fleet';
import { isPaired, NUMBERS, PAIRED, type Paired, type Rule, type RuleNumber } from './rule';

const kebab = (field: string): string => field.replace(/[A-Z]/g, (letter) => `-${letter.toLowerCase()}`);

type Field = BuildWord | Paired;
const FIELDS: readonly Field[] = [...PAIRED, ...(Object.keys(BUILD_WORDS) as BuildWord[])];

/** Every field a rule may ask about, by the word it is written with. */
export const RULE_FIELDS: ReadonlyMap<string, Field> = new Map(FIELDS.map((field) => [kebab(field), field]));
export const RULE_NUMBERS: ReadonlyMap<string, RuleNumber> = new Map(
  NUMBERS.map((field) => [kebab(field), field]),
);

/** The words a field may have. */
export function wordsOfField(field: Field): readonly string[] {
  return isPaired(field) ? BUILD_WORDS[`${field}Front`] : BUILD_WORDS[field];
}

/** How tightly a clause holds together: an `or` inside an `and` wants brackets, and what stands after `not` too. */
function binding(rule: Rule): number {
  if ('any' in rule && rule.any.length !== 1) return 1;
  if ('all' in rule && rule.all.length !== 1) return 2;
  return 3;
}

function bracketed(rule: Rule, least: number): string {
  return binding(rule) < least ? `(${ruleText(rule)})` : ruleText(rule);
}

/**
 * A rule as one writes it. Reading it gives the same rule again, but for empty and single lists of clauses, which nobody can
 * write: `all` of nothing is `always`, `any` of nothing `not always`.
 */
export function ruleText(rule: Rule): string {
  if ('always' in rule) return 'always';
  if ('fitted' in rule) return `${kebab(rule.fitted)} is ${rule.in.join(', ')}`;
  if ('carries' in rule) return `carries ${rule.carries.join(', ')}`;
  if ('part' in rule) return `fitted ${rule.part.join(', ')}`;
  if ('number' in rule) {
    const field = kebab(rule.number);
    if (rule.least !== undefined && rule.most !== undefined)
      return `${field} from ${rule.least} to ${rule.most}`;
    return rule.least !== undefined
      ? `${field} at least ${rule.least}`
      : `${field} at most ${rule.most ?? 0}`;
  }
  if ('all' in rule)
    return rule.all.length === 0 ? 'always' : rule.all.map((each) => bracketed(each, 3)).join(' and ');
  if ('any' in rule)
    return rule.any.length === 0 ? 'not always' : rule.any.map((each) => bracketed(each, 2)).join(' or ');
  return `not ${bracketed(rule.not, 3)}`;
}

export const ACCESSORY_WORDS: readonly string[] = ACCESSORIES;
export const PART_WORDS: readonly string[] = PART_KINDS;
