import { ACCESSORIES, BUILD_WORDS, PART_KINDS, USUAL_BUILD, type Build } from '@cadre/core/fleet';
import { fieldsRead, holds, type Fitted, type Rule } from './rule';
import type { Position } from './words';

/** Over all bikes there could be: always true, never true, or it depends. `unsure` when there are too many to try. */
export type Truth = 'always' | 'never' | 'sometimes' | 'unsure';

const MOST_BIKES = 40_000;

/** One thing a rule can turn on, and the values worth trying for it. */
type Axis = readonly ((fitted: Fitted) => Fitted)[];

const withBuild =
  (part: Partial<Build>) =>
  (fitted: Fitted): Fitted => ({ ...fitted, build: { ...fitted.build, ...part } });

function leavesOf(rule: Rule): readonly Rule[] {
  if ('all' in rule) return rule.all.flatMap(leavesOf);
  if ('any' in rule) return rule.any.flatMap(leavesOf);
  return 'not' in rule ? leavesOf(rule.not) : [rule];
}

function axesOf(rule: Rule, position: Position): readonly Axis[] {
  const words = new Set<string>();
  const counts = new Set<number>();
  const carried = new Set<string>();
  const parts = new Set<string>();
  for (const leaf of leavesOf(rule)) {
    if ('fitted' in leaf) for (const field of fieldsRead(leaf.fitted, position)) words.add(field);
    if ('carries' in leaf) for (const each of leaf.carries) carried.add(each);
    if ('part' in leaf) for (const each of leaf.part) parts.add(each);
    if ('number' in leaf && leaf.number === 'wheelSize')
      for (const field of fieldsRead('wheelSize', position)) words.add(field);
    // Just under, on and just over each bound: a whole number, at least one.
    if ('number' in leaf && leaf.number === 'sprockets')
      for (const bound of [leaf.least, leaf.most])
        if (bound !== undefined)
          for (const near of [Math.ceil(bound) - 1, Math.ceil(bound), Math.floor(bound) + 1])
            counts.add(Math.max(1, near));
  }
  const axes: Axis[] = [...words].map((field) =>
    (BUILD_WORDS[field as keyof typeof BUILD_WORDS] as readonly string[]).map((word) =>
      withBuild({ [field]: word }),
    ),
  );
  if (counts.size > 0) axes.push([...counts].map((sprockets) => withBuild({ sprockets })));
  for (const each of ACCESSORIES.filter((accessory) => carried.has(accessory)))
    axes.push([
      (fitted) => fitted,
      (fitted) => withBuild({ accessories: [...fitted.build.accessories, each] })(fitted),
    ]);
  for (const kind of PART_KINDS.filter((each) => parts.has(each)))
    axes.push([
      (fitted) => fitted,
      (fitted) => ({ ...fitted, parts: [...fitted.parts, { kind, position: 'only' }] }),
    ]);
  return axes;
}

/** Whether a rule can come out both ways at this position, by trying every bike that differs in what it names. */
export function truthOf(rule: Rule, position: Position): Truth {
  const axes = axesOf(rule, position);
  if (axes.reduce((product, axis) => product * axis.length, 1) > MOST_BIKES) return 'unsure';
  let bikes: readonly Fitted[] = [{ build: { ...USUAL_BUILD.hybrid, accessories: [] }, parts: [] }];
  for (const axis of axes) bikes = bikes.flatMap((bike) => axis.map((set) => set(bike)));
  const answers = new Set(bikes.map((bike) => holds(rule, bike, position)));
  if (answers.size === 2) return 'sometimes';
  return answers.has(true) ? 'always' : 'never';
}

export interface IdleClause {
  readonly clause: Rule;
  readonly truth: 'always' | 'never';
}

/**
 * The smallest clause that says the same of every bike, at all the positions asked, or null. `always` written as
 * such is meant and not told.
 */
export function idleClause(rule: Rule, positions: readonly Position[]): IdleClause | null {
  const inner = 'all' in rule ? rule.all : 'any' in rule ? rule.any : 'not' in rule ? [rule.not] : [];
  for (const each of inner) {
    const found = idleClause(each, positions);
    if (found) return found;
  }
  if ('always' in rule) return null;
  const truths = new Set(positions.map((position) => truthOf(rule, position)));
  const [truth] = truths;
  return truths.size === 1 && (truth === 'always' || truth === 'never') ? { clause: rule, truth } : null;
}
