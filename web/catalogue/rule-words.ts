import type { Rule, RuleProblem } from '@cadre/core/catalogue';
import { ACCESSORY_WORDS, BUILD_FIELDS, PART_WORDS } from '@cadre/web/words';

const PAIRED_LABELS: Record<string, { readonly label: string; readonly like: string }> = {
  brake: { label: 'the brake here', like: 'brakeFront' },
  retention: { label: 'the wheel here is held by', like: 'retentionFront' },
  tyre: { label: 'the tyre here', like: 'tyreFront' },
  wheelSize: { label: 'the wheel here', like: 'wheelSizeFront' },
};

function fieldWords(field: string, words: readonly string[]): string {
  const paired = PAIRED_LABELS[field];
  const known = BUILD_FIELDS.find((each) => each.name === (paired?.like ?? field));
  const label = paired?.label ?? known?.label.toLowerCase() ?? field;
  const named = words.map((word) =>
    (known?.options.find((option) => option.value === word)?.label ?? word).toLowerCase(),
  );
  return `${label}${label.endsWith('by') ? '' : ' is'} ${orList(named)}`;
}

/** "a, b or c" */
function orList(words: readonly string[]): string {
  return words.length < 2
    ? (words[0] ?? 'nothing')
    : `${words.slice(0, -1).join(', ')} or ${words.at(-1) ?? ''}`;
}

const bracket = (rule: Rule): string =>
  'all' in rule || 'any' in rule ? `(${ruleWords(rule)})` : ruleWords(rule);

/** A rule as one says it. */
export function ruleWords(rule: Rule): string {
  if ('always' in rule) return 'on every bike';
  if ('fitted' in rule) return fieldWords(rule.fitted, rule.in);
  if ('carries' in rule)
    return `it carries ${orList(rule.carries.map((each) => ACCESSORY_WORDS[each].toLowerCase()))}`;
  if ('part' in rule)
    return `a part on record is ${orList(rule.part.map((each) => PART_WORDS[each].toLowerCase()))}`;
  if ('number' in rule) {
    const what = rule.number === 'sprockets' ? 'the number of sprockets' : 'the wheel here in inches';
    if (rule.least !== undefined && rule.least === rule.most) return `${what} is ${rule.least}`;
    if (rule.least !== undefined && rule.most !== undefined)
      return `${what} is from ${rule.least} to ${rule.most}`;
    return rule.least !== undefined
      ? `${what} is ${rule.least} or more`
      : `${what} is ${rule.most ?? 0} or less`;
  }
  if ('all' in rule) return rule.all.length === 0 ? 'on every bike' : rule.all.map(bracket).join(' and ');
  if ('any' in rule) return rule.any.length === 0 ? 'on no bike' : rule.any.map(bracket).join(' or ');
  return `not: ${bracket(rule.not)}`;
}

/** What is wrong with a rule as written, and what could stand there. */
export function problemWords(problem: RuleProblem): { readonly what: string; readonly todo: string } {
  const wanted =
    problem.wanted.length > 0 && problem.wanted.length <= 8
      ? `Here could stand: ${problem.wanted.join(', ')}.`
      : '';
  const nearest = problem.nearest ? `Did you mean “${problem.nearest}”?` : wanted;
  switch (problem.code) {
    case 'empty':
      return { what: 'There is no rule yet.', todo: 'Write “always” for every bike.' };
    case 'unknown-field':
      return {
        what: `“${problem.word}” is nothing a rule can ask about.`,
        todo: nearest || 'Begin with a field, “carries”, “fitted”, “not” or “always”.',
      };
    case 'unknown-word':
      return { what: `“${problem.word}” is no word of this field.`, todo: nearest || wanted };
    case 'not-a-number':
      return {
        what: problem.word ? `“${problem.word}” is no number.` : 'A number is missing at the end.',
        todo: 'Write digits, like 11 or 27.5.',
      };
    case 'upside-down':
      return {
        what: `“${problem.word}” is less than the number before it.`,
        todo: 'Write the smaller number first.',
      };
    case 'unclosed':
      return { what: 'A bracket is not closed.', todo: 'Write ) at the end.' };
    case 'too-deep':
      return {
        what: 'There are too many brackets inside each other.',
        todo: 'Split it into several checkpoints.',
      };
    default:
      return {
        what: problem.word ? `“${problem.word}” cannot stand here.` : 'The rule breaks off.',
        todo: nearest || wanted,
      };
  }
}
