import { printRiderFit } from './print-rider-fit';
import { limitRows, readingRows } from './print-measures';
import {
  BY,
  criticalBecause,
  positionsAsked,
  ruleText,
  PRACTICE_QUESTIONS,
  SEVERITIES,
  TOUCHES,
  ZONES,
  type Checkpoint,
  type Touch,
} from '@cadre/core/catalogue';
import { BIKE_KINDS } from '@cadre/core/fleet';
import {
  BUILT_OTHERWISE,
  CHECKPOINTS,
  PRACTICE_PROSE,
  SHIPPED_CHECKLISTS,
  walkChecklists,
} from '@cadre/core/shipped';

const row = (cells: readonly string[]): string =>
  `| ${cells.map((cell) => cell.replace(/\|/g, '\\|')).join(' | ')} |`;

function table(head: readonly string[], rows: readonly (readonly string[])[]): string {
  return [row(head), row(head.map(() => '---')), ...rows.map(row)].join('\n');
}

function printCheckpoint(checkpoint: Checkpoint): string {
  const facts = [
    `\`${checkpoint.key}\``,
    `${positionsAsked(checkpoint).join(' and ')}, ${checkpoint.phase}${checkpoint.stance ? `, ${checkpoint.stance} side` : ''}, ${checkpoint.minutes} min`,
    `asked if: ${ruleText(checkpoint.applies)}`,
    checkpoint.measure ? `measured: ${checkpoint.measure}` : '',
    checkpoint.drawing ? `drawn: ${checkpoint.drawing}` : '',
    checkpoint.practices ? `practice: ${checkpoint.practices.join(', ')}` : '',
    checkpoint.tools.length ? `tools: ${checkpoint.tools.join(', ')}` : '',
  ];
  const faults = checkpoint.faults.map((fault) => {
    const more = [
      fault.toMechanic ? 'a qualified mechanic decides' : '',
      fault.by ? `by ${fault.by.join(', ')}` : '',
      fault.legal ? 'weighs as local rules say' : '',
      fault.askNext ? `then check ${fault.askNext.join(', ')}` : '',
    ].filter(Boolean);
    return `- **${fault.floor}** ${fault.name}: ${fault.doNext}${more.length ? ` (${more.join('; ')})` : ''}`;
  });
  return [
    `### ${checkpoint.name}`,
    facts.filter(Boolean).join(' · '),
    `${checkpoint.how} **Pass if:** ${checkpoint.passWhen}`,
    faults.join('\n'),
    ...checkpoint.cautions.map((caution) => `> ${caution}`),
  ].join('\n\n');
}

const zoneOf = ({ at }: Checkpoint): string => at.only ?? at.front ?? at.rear ?? 'off-bike';

/** The whole shipped catalogue as a page of the docs. */
export function printCatalogue(): string {
  const zones = ZONES.map((zone) => ({
    zone,
    looks: CHECKPOINTS.filter((each) => zoneOf(each) === zone),
  })).filter((each) => each.looks.length > 0);
  return [
    '# Checkpoints',
    `This page is printed from the code by \`npm run catalogue\`, and a test compares the two. ${CHECKPOINTS.length} checkpoints.`,
    ...zones.flatMap(({ zone, looks }) => [`## ${zone}`, ...looks.map(printCheckpoint)]),
    '',
  ].join('\n\n');
}

/** The checkpoints that one kind of work disturbs, those at one end only with the end named. */
function disturbedBy(touch: Touch): string {
  const named = CHECKPOINTS.flatMap(({ key, disturbedBy = [] }) =>
    disturbedBy
      .filter((each) => each.split('@')[0] === touch)
      .map((each) => (each === touch ? key : `${key} (${each.split('@')[1]})`)),
  );
  return named.join(', ');
}

/** The rules behind the catalogue: checklists over kinds, what is critical, what work touches, the practices. */
export function printRules(): string {
  const walk = walkChecklists();
  const cell = (checklist: string, bike: string): string => {
    const pair = walk.find((each) => each.checklist === checklist && each.bike === bike);
    return pair ? `${pair.asked} / ${pair.ruledOut} / ${pair.criticals} / ${pair.minutes.toFixed(1)}` : '';
  };
  const counts = SEVERITIES.map((severity) => [
    severity,
    String(CHECKPOINTS.flatMap((each) => each.faults).filter((fault) => fault.floor === severity).length),
  ]);
  const slow = CHECKPOINTS.filter(
    (each) => criticalBecause(each, []) === null && criticalBecause(each, BY) !== null,
  );
  return [
    '# Checklists, severities, limits and practices',
    'This page is printed from the code by `npm run catalogue`, and a test compares the two.',
    '## Every checklist for every kind of bike',
    'Questions asked / not asked because of the build / critical / minutes, for the usual build of each kind.',
    table(
      ['checklist', ...BIKE_KINDS],
      SHIPPED_CHECKLISTS.map((checklist) => [
        checklist.name,
        ...BIKE_KINDS.map((kind) => cell(checklist.key, kind)),
      ]),
    ),
    'The same for bikes built otherwise.',
    table(
      ['checklist', ...Object.keys(BUILT_OTHERWISE)],
      SHIPPED_CHECKLISTS.map((checklist) => [
        checklist.name,
        ...Object.keys(BUILT_OTHERWISE).map((bike) => cell(checklist.key, bike)),
      ]),
    ),
    '## Severities',
    'The minimum severity of a fault. An inspector may raise it. A lead may lower it, but never from “do not ride”.',
    table(['severity', 'usual faults'], counts),
    '## Readings and their verdicts',
    'Found by judging values in small steps, for the usual build of a hardtail with only this reading marked. A value on its limit is past it. Chain slack passes from 8 to 15 mm, both included.',
    table(['reading', 'figure', 'verdict', 'becomes', 'next'], readingRows()),
    '## Limits that a program may change',
    'The default and the allowed range. A value marked on the part overrides all of these.',
    table(['limit', 'shipped', 'within'], limitRows()),
    '## Critical checkpoints',
    'A checkpoint is critical on a checklist if a “do not ride” fault can arise between two checks. The following are critical only on checklists that cover the cause of the fault:',
    table(
      ['checkpoint', 'critical after'],
      slow.map((each) => [
        each.name,
        [
          ...new Set(
            each.faults.filter((fault) => fault.floor === 'stop').flatMap((fault) => fault.by ?? []),
          ),
        ].join(', '),
      ]),
    ),
    '## Rechecks after a repair',
    'After the work on the left, the questions on the right are rechecked, except those the build does not have.',
    table(
      ['work', 'rechecked'],
      TOUCHES.map((touch) => [touch, disturbedBy(touch)]),
    ),
    ...printRiderFit(),
    '## Practices',
    ...PRACTICE_QUESTIONS.flatMap((question) => {
      const { question: words, sides } = PRACTICE_PROSE[question];
      return [
        `### ${words}`,
        table(
          ['practice', 'rule', 'reason'],
          Object.values(sides).map((side) => [side.name, side.rule, side.reason]),
        ),
      ];
    }),
    '',
  ].join('\n\n');
}
