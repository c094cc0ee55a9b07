import type { Accessory, Build, BuildWord } from '@cadre/core/fleet';
import type { Position } from './words';

/** Fields that differ front and rear: a rule names the short word and the position decides which is read. */
const PAIRED = ['brake', 'retention', 'tyre', 'wheelSize'] as const;
type Paired = (typeof PAIRED)[number];

/**
 * When a checkpoint applies, as data, so that a published sheet carries its own rules. `fitted` asks
 * about one field of the build, at the position asked; `carries` about accessories.
 */
export type Rule =
  | { readonly always: true }
  | { readonly fitted: BuildWord | Paired; readonly in: readonly string[] }
  | { readonly carries: readonly Accessory[] }
  | { readonly all: readonly Rule[] }
  | { readonly any: readonly Rule[] }
  | { readonly not: Rule };

function isPaired(field: string): field is Paired {
  return (PAIRED as readonly string[]).includes(field);
}

/** The build's word for a field; paired fields without a side ('only') are read at both ends. */
function wordsFor(field: BuildWord | Paired, build: Build, position: Position): readonly string[] {
  if (!isPaired(field)) return [build[field]];
  if (position === 'only') return [build[`${field}Front`], build[`${field}Rear`]];
  return [position === 'rear' ? build[`${field}Rear`] : build[`${field}Front`]];
}

/** Whether the rule holds for this build at this position. Total: every rule has an answer for every build. */
export function holds(rule: Rule, build: Build, position: Position): boolean {
  if ('always' in rule) return true;
  if ('fitted' in rule) return wordsFor(rule.fitted, build, position).some((word) => rule.in.includes(word));
  if ('carries' in rule) return rule.carries.some((accessory) => build.accessories.includes(accessory));
  if ('all' in rule) return rule.all.every((each) => holds(each, build, position));
  if ('any' in rule) return rule.any.some((each) => holds(each, build, position));
  return !holds(rule.not, build, position);
}
