import type { FieldIssue } from '@cadre/core/errors';
import { BIKE_KINDS, USUAL_BUILD, type BikeKind } from '@cadre/core/fleet';
import type { Checkpoint } from './checkpoint';
import { zonesOf } from './route';
import { asBuilt } from './rule';
import { ruleText } from './rule-text';
import { idleClause } from './rule-truth';
import { questionsOf, type ChecklistItem, type ChecklistVersion } from './checklist';
import { POSITIONS, ZONES, type Position } from './words';

const blank = (text: string): boolean => text.trim() === '';

/** The positions a checkpoint is asked at, trikes aside. */
export function positionsAsked(checkpoint: Pick<Checkpoint, 'at'>): readonly Position[] {
  return POSITIONS.filter(
    (position) =>
      (position === 'only' || position === 'front' || position === 'rear') &&
      checkpoint.at[position] !== undefined,
  );
}

function checkpointIssues(checkpoint: Checkpoint, path: string): FieldIssue[] {
  const issues: FieldIssue[] = [];
  const require = (field: keyof Checkpoint): void => {
    if (blank(String(checkpoint[field]))) issues.push({ path: `${path}.${field}`, code: 'required' });
  };
  for (const field of ['key', 'name', 'how', 'passWhen'] as const) require(field);
  if (positionsAsked(checkpoint).length === 0) issues.push({ path: `${path}.at`, code: 'required' });
  if (!(checkpoint.minutes > 0 && checkpoint.minutes <= 240))
    issues.push({
      path: `${path}.minutes`,
      code: 'out-of-range',
      params: { least: 0.01, most: 240, unit: 'min' },
    });
  if (checkpoint.faults.length === 0) issues.push({ path: `${path}.faults`, code: 'required' });
  const keys = checkpoint.faults.map((fault) => fault.key);
  checkpoint.faults.forEach((fault, index) => {
    if (blank(fault.name)) issues.push({ path: `${path}.faults.${index}.name`, code: 'required' });
    if (blank(fault.doNext)) issues.push({ path: `${path}.faults.${index}.doNext`, code: 'required' });
    if (keys.indexOf(fault.key) !== index)
      issues.push({ path: `${path}.faults.${index}.key`, code: 'twice' });
  });
  return issues;
}

function itemIssues(item: ChecklistItem, index: number): FieldIssue[] {
  const path = `items.${index}`;
  const { limit, minutes } = item;
  return [
    ...checkpointIssues(item.checkpoint, `${path}.checkpoint`),
    ...(limit?.least !== undefined && limit.most !== undefined && limit.least > limit.most
      ? [{ path: `${path}.limit`, code: 'upside-down' } as const]
      : []),
    ...(minutes !== undefined && !(minutes > 0 && minutes <= 240)
      ? [
          {
            path: `${path}.minutes`,
            code: 'out-of-range',
            params: { least: 0.01, most: 240, unit: 'min' },
          } as const,
        ]
      : []),
  ];
}

/** Everything that keeps a checklist from being published, all at once, by field. */
export function checklistIssues(checklist: ChecklistVersion): readonly FieldIssue[] {
  const keys = checklist.items.map((item) => item.checkpoint.key);
  const zones = zonesOf(checklist.route);
  return [
    ...(blank(checklist.name) ? [{ path: 'name', code: 'required' } as const] : []),
    ...(checklist.items.length === 0 ? [{ path: 'items', code: 'required' } as const] : []),
    ...(new Set(zones).size !== ZONES.length || zones.length !== ZONES.length
      ? [{ path: 'route', code: 'not-every-zone' } as const]
      : []),
    ...checklist.items.flatMap(itemIssues),
    ...keys.flatMap((key, index) =>
      keys.indexOf(key) !== index ? [{ path: `items.${index}.checkpoint.key`, code: 'twice' } as const] : [],
    ),
  ];
}

/** Worth a second look before publishing; none of it forbids. */
export type ChecklistWarning =
  | { readonly code: 'no-criticals' }
  | { readonly code: 'no-criticals-on'; readonly kind: BikeKind }
  | { readonly code: 'nothing-asked-of'; readonly kind: BikeKind }
  | {
      readonly code: 'rule-idle';
      readonly checkpoint: string;
      readonly clause: string;
      readonly truth: 'always' | 'never';
    };

/** What a lead should be told of a checklist: no criticals, kinds of bike it is empty for, rules that say the same of every bike. */
export function checklistWarnings(checklist: ChecklistVersion): readonly ChecklistWarning[] {
  const idle = checklist.items.flatMap(({ checkpoint }): ChecklistWarning[] => {
    const found = idleClause(checkpoint.applies, positionsAsked(checkpoint));
    return found
      ? [
          {
            code: 'rule-idle',
            checkpoint: checkpoint.name,
            clause: ruleText(found.clause),
            truth: found.truth,
          },
        ]
      : [];
  });
  if (checklist.items.length > 0 && !checklist.items.some((item) => item.critical))
    return [{ code: 'no-criticals' }, ...idle];
  const kinds = BIKE_KINDS.filter((kind) => !checklist.kinds || checklist.kinds.includes(kind));
  const empty = kinds.flatMap((kind): ChecklistWarning[] => {
    const asked = questionsOf(checklist, asBuilt(USUAL_BUILD[kind]));
    if (asked.length === 0) return [{ code: 'nothing-asked-of', kind }];
    return asked.some((each) => each.critical) ? [] : [{ code: 'no-criticals-on', kind }];
  });
  return [...(checklist.items.length > 0 ? empty : []), ...idle];
}
