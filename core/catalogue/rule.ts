import {
  buildText,
  type Accessory,
  type Build,
  type BuildWord,
  type FitmentPosition,
  type PartKind,
} from '@cadre/core/fleet';
import { isRear, type Position } from './words';

/** Fields that differ front and rear: a rule names the short word and the position decides which is read. */
export const PAIRED = ['brake', 'retention', 'tyre', 'wheelSize'] as const;
export type Paired = (typeof PAIRED)[number];

/** What a rule can count or measure: wheel sizes are inches, at the position asked. */
export const NUMBERS = ['sprockets', 'wheelSize'] as const;
export type RuleNumber = (typeof NUMBERS)[number];

/** A part of its own on the bike, and where it sits. */
export interface FittedPart {
  readonly kind: PartKind;
  readonly position: FitmentPosition;
}

/** What a rule looks at: the build and the parts fitted. */
export interface Fitted {
  readonly build: Build;
  readonly parts: readonly FittedPart[];
}

/** A bike of which no parts are on record. */
export function asBuilt(build: Build): Fitted {
  return { build, parts: [] };
}

/**
 * When a checkpoint applies, as data, so that a published checklist carries its own rules. `fitted` asks
 * about one field of the build, at the position asked; `carries` about accessories, `part` about parts on record,
 * `number` about a count or size, both ends of the range in it.
 */
export type Rule =
  | { readonly always: true }
  | { readonly fitted: BuildWord | Paired; readonly in: readonly string[] }
  | { readonly carries: readonly Accessory[] }
  | { readonly part: readonly PartKind[] }
  | { readonly number: RuleNumber; readonly least?: number | undefined; readonly most?: number | undefined }
  | { readonly all: readonly Rule[] }
  | { readonly any: readonly Rule[] }
  | { readonly not: Rule };

export function isPaired(field: string): field is Paired {
  return (PAIRED as readonly string[]).includes(field);
}

/** The fields of the build that a rule's word reads at a position. */
export function fieldsRead(field: BuildWord | Paired, position: Position): readonly BuildWord[] {
  if (!isPaired(field)) return [field];
  const second: readonly BuildWord[] = field === 'brake' ? ['brakeRearSecond'] : [];
  if (position === 'only') return [`${field}Front`, `${field}Rear`, ...second];
  if (position === 'rear-second' && field === 'brake') return second;
  return [isRear(position) ? `${field}Rear` : `${field}Front`];
}

/** Whether a rule asks about a field anywhere in it. */
export function asksAbout(rule: Rule, field: BuildWord | Paired): boolean {
  if ('all' in rule) return rule.all.some((each) => asksAbout(each, field));
  if ('any' in rule) return rule.any.some((each) => asksAbout(each, field));
  if ('not' in rule) return asksAbout(rule.not, field);
  return 'fitted' in rule && rule.fitted === field;
}

/** The build's word for a field; paired fields without a side ('only') are read at both ends. */
function wordsFor(field: BuildWord | Paired, build: Build, position: Position): readonly string[] {
  return fieldsRead(field, position).map((each) => buildText(build, each));
}

function sitsAt(part: FittedPart, position: Position): boolean {
  if (position === 'only' || part.position === 'only') return true;
  return part.position === (isRear(position) ? 'rear' : 'front');
}

/** Whether the rule holds for this bike at this position. Total: every rule has an answer for every bike. */
export function holds(rule: Rule, fitted: Fitted, position: Position): boolean {
  const { build } = fitted;
  if ('always' in rule) return true;
  if ('fitted' in rule) return wordsFor(rule.fitted, build, position).some((word) => rule.in.includes(word));
  if ('carries' in rule) return rule.carries.some((accessory) => build.accessories.includes(accessory));
  if ('part' in rule)
    return fitted.parts.some((part) => rule.part.includes(part.kind) && sitsAt(part, position));
  if ('number' in rule) {
    const values =
      rule.number === 'sprockets' ? [build.sprockets] : wordsFor('wheelSize', build, position).map(Number);
    return values.some((value) => value >= (rule.least ?? -Infinity) && value <= (rule.most ?? Infinity));
  }
  if ('all' in rule) return rule.all.every((each) => holds(each, fitted, position));
  if ('any' in rule) return rule.any.some((each) => holds(each, fitted, position));
  return !holds(rule.not, fitted, position);
}

/**
 * The clause that keeps a rule from holding here: the innermost one that says no. Null when the rule holds. What
 * the record names when it says why something was not asked.
 */
export function failingClause(rule: Rule, fitted: Fitted, position: Position): Rule | null {
  if (holds(rule, fitted, position)) return null;
  if ('all' in rule) {
    const failing = rule.all.find((each) => !holds(each, fitted, position));
    return failing ? failingClause(failing, fitted, position) : rule;
  }
  return rule;
}
