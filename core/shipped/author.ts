import type { Fault, Rule, Severity } from '@cadre/core/catalogue';
import type { Accessory, BuildWord } from '@cadre/core/fleet';

/** A fault in one line of a data table. */
export function fault(key: string, name: string, floor: Severity, doNext: string): Fault {
  return { key, name, floor, doNext };
}

/** A fault past what the house decides. */
export function mechanicFault(key: string, name: string, floor: Severity, doNext: string): Fault {
  return { key, name, floor, doNext, toMechanic: true };
}

type Word = Extract<Rule, { fitted: unknown }>['fitted'] & (BuildWord | 'brake' | 'retention' | 'tyre' | 'wheelSize');

export const always: Rule = { always: true };
export const fitted = (field: Word, ...words: string[]): Rule => ({ fitted: field, in: words });
export const carries = (...accessories: Accessory[]): Rule => ({ carries: accessories });
export const all = (...rules: Rule[]): Rule => ({ all: rules });
export const not = (rule: Rule): Rule => ({ not: rule });
