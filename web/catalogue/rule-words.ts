import type { Rule, RuleProblem } from '@cadre/core/catalogue';
import { ACCESSORY_WORDS, BUILD_FIELDS, PART_WORDS } from '@cadre/web/words';
import * as t from './messages';

const PAIRED_LABELS: Record<string, { readonly label: string; readonly like: string }> = {
  brake: { label: t.brakeHere, like: 'brakeFront' },
  retention: { label: t.wheelHereHeld, like: 'retentionFront' },
  tyre: { label: t.tyreHere, like: 'tyreFront' },
  wheelSize: { label: t.wheelHere, like: 'wheelSizeFront' },
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
    ? (words[0] ?? t.nothingWord)
    : t.wordsOrAt({ words: words.slice(0, -1).join(', '), at: words.at(-1) ?? '' });
}

const bracket = (rule: Rule): string =>
  'all' in rule || 'any' in rule ? `(${ruleWords(rule)})` : ruleWords(rule);

/** A rule as one says it. */
export function ruleWords(rule: Rule): string {
  if ('always' in rule) return t.onEveryBike;
  if ('fitted' in rule) return fieldWords(rule.fitted, rule.in);
  if ('carries' in rule)
    return t.hasOrList({
      orList: orList(rule.carries.map((each) => ACCESSORY_WORDS[each].toLowerCase())),
    });
  if ('part' in rule)
    return t.recordedPartOrList({ orList: orList(rule.part.map((each) => PART_WORDS[each].toLowerCase())) });
  if ('number' in rule) {
    const what = rule.number === 'sprockets' ? t.numberSprockets : t.wheelHereInInches;
    if (rule.least !== undefined && rule.least === rule.most) return t.whatLeast({ what, least: rule.least });
    if (rule.least !== undefined && rule.most !== undefined)
      return t.whatFromLeastMost({ what, least: rule.least, most: rule.most });
    return rule.least !== undefined
      ? t.whatLeastMore({ what, least: rule.least })
      : t.whatMostLess({ what, most: rule.most ?? 0 });
  }
  if ('all' in rule) return rule.all.length === 0 ? t.onEveryBike : rule.all.map(bracket).join(' and ');
  if ('any' in rule) return rule.any.length === 0 ? t.onNoBike : rule.any.map(bracket).join(' or ');
  return `not: ${bracket(rule.not)}`;
}

/** What is wrong with a rule as written, and what could stand there. */
export function problemWords(problem: RuleProblem): { readonly what: string; readonly todo: string } {
  const wanted =
    problem.wanted.length > 0 && problem.wanted.length <= 8
      ? t.possibleHereWanted({ wanted: problem.wanted.join(', ') })
      : '';
  const nearest = problem.nearest ? t.didYouMeanNearest({ nearest: problem.nearest }) : wanted;
  switch (problem.code) {
    case 'empty':
      return { what: t.ruleEmpty, todo: t.writeAlwaysForEvery };
    case 'unknown-field':
      return {
        what: t.wordNotFieldBike({ word: problem.word }),
        todo: nearest || t.startWithFieldCarries,
      };
    case 'unknown-word':
      return { what: t.wordNotValueField({ word: problem.word }), todo: nearest || wanted };
    case 'not-a-number':
      return {
        what: problem.word ? t.wordNotNumber({ word: problem.word }) : t.numberMissingEnd,
        todo: t.writeDigitsSuchAs,
      };
    case 'upside-down':
      return {
        what: t.wordSmallerThanNumber({ word: problem.word }),
        todo: t.writeSmallerNumberFirst,
      };
    case 'unclosed':
      return { what: t.bracketNotClosed, todo: t.writeEnd };
    case 'too-deep':
      return {
        what: t.thereTooManyBrackets,
        todo: t.splitRuleIntoSeveral,
      };
    default:
      return {
        what: problem.word ? t.wordNotPossibleHere({ word: problem.word }) : t.ruleNotComplete,
        todo: nearest || wanted,
      };
  }
}
