import type { Checkpoint, Fault, Rule, Severity } from '@cadre/core/catalogue';
import type { Accessory, BuildWord } from '@cadre/core/fleet';

type More = Pick<Fault, 'by' | 'legal' | 'askNext' | 'stopWhere' | 'work'>;

/** A fault in one line of a data table. */
export function fault(key: string, name: string, floor: Severity, doNext: string, more: More = {}): Fault {
  return { key, name, floor, doNext, ...more };
}

/** A fault past what the house decides. */
export function mechanicFault(
  key: string,
  name: string,
  floor: Severity,
  doNext: string,
  more: More = {},
): Fault {
  return { key, name, floor, doNext, toMechanic: true, ...more };
}

type Usual = 'phase' | 'tools' | 'cautions' | 'applies';

/** A checkpoint with what is usual left out: on the ground, no tools, no caution, on every bike. */
export function look(said: Omit<Checkpoint, Usual> & Partial<Pick<Checkpoint, Usual>>): Checkpoint {
  return { phase: 'ground', tools: [], cautions: [], applies: always, ...said };
}

type Word = Extract<Rule, { fitted: unknown }>['fitted'] &
  (BuildWord | 'brake' | 'retention' | 'tyre' | 'wheelSize');

export const always: Rule = { always: true };
export const fitted = (field: Word, ...words: string[]): Rule => ({ fitted: field, in: words });
export const carries = (...accessories: Accessory[]): Rule => ({ carries: accessories });
export const sprockets = (least: number, most?: number): Rule => ({
  number: 'sprockets',
  least,
  ...(most === undefined ? {} : { most }),
});
export const all = (...rules: Rule[]): Rule => ({ all: rules });
export const any = (...rules: Rule[]): Rule => ({ any: rules });
export const not = (rule: Rule): Rule => ({ not: rule });
