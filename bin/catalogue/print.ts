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
import { CHECKPOINTS, PRACTICE_PROSE, SHIPPED_CHECKLISTS, walkChecklists } from '@cadre/core/shipped';

const row = (cells: readonly string[]): string =>
  `| ${cells.map((cell) => cell.replace(/\|/g, '\\|')).join(' | ')} |`;

function table(head: readonly string[], rows: readonly (readonly string[])[]): string {
  return [row(head), row(head.map(() => '---')), ...rows.map(row)].join('\n');
}

function printCheckpoint(checkpoint: Checkpoint): string {
  const facts = [
    `\`${checkpoint.key}\``,
    `${positionsAsked(checkpoint).join(' and ')}, ${checkpoint.phase}${checkpoint.stance ? `, ${checkpoint.stance} side` : ''}, ${checkpoint.minutes} min`,
    `asked where: ${ruleText(checkpoint.applies)}`,
    checkpoint.measure ? `measured: ${checkpoint.measure}` : '',
    checkpoint.drawing ? `drawn: ${checkpoint.drawing}` : '',
    checkpoint.practices ? `the house’s way: ${checkpoint.practices.join(', ')}` : '',
    checkpoint.tools.length ? `tools: ${checkpoint.tools.join(', ')}` : '',
  ];
  const faults = checkpoint.faults.map((fault) => {
    const more = [
      fault.toMechanic ? 'a qualified mechanic decides' : '',
      fault.by ? `by ${fault.by.join(', ')}` : '',
      fault.legal ? 'weighs as local rules say' : '',
      fault.askNext ? `look next at ${fault.askNext.join(', ')}` : '',
    ].filter(Boolean);
    return `- **${fault.floor}** ${fault.name}: ${fault.doNext}${more.length ? ` (${more.join('; ')})` : ''}`;
  });
  return [
    `### ${checkpoint.name}`,
    facts.filter(Boolean).join(' · '),
    `${checkpoint.how} **Sound:** ${checkpoint.passWhen}`,
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
    '# The shipped catalogue',
    `Printed from the code by \`npm run catalogue\`; a test holds the two together. ${CHECKPOINTS.length} checkpoints.`,
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
  const cell = (checklist: string, kind: string): string => {
    const pair = walk.find((each) => each.checklist === checklist && each.kind === kind);
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
    '# Checklists, severities, touches, practices',
    'Printed from the code by `npm run catalogue`; a test holds the two together.',
    '## Every checklist over every kind of bike',
    'Asked / ruled out by the build / critical / minutes, on each kind as usually built.',
    table(
      ['checklist', ...BIKE_KINDS],
      SHIPPED_CHECKLISTS.map((checklist) => [
        checklist.name,
        ...BIKE_KINDS.map((kind) => cell(checklist.key, kind)),
      ]),
    ),
    '## Severities',
    'The least a fault may be given; an inspector may raise it, the lead lower it, never under a stop.',
    table(['severity', 'usual faults'], counts),
    '## What a reading means',
    'Found by walking the judge over the figures in steps, on a hardtail as usually built with nothing but this marked. On a limit is past it; chain slack is sound from 8 to 15 mm, ends included.',
    table(['reading', 'figure', 'verdict', 'becomes', 'next'], readingRows()),
    '## Limits a program may set',
    'As shipped, and within what; a marking on the part comes before any of them.',
    table(['limit', 'shipped', 'within'], limitRows()),
    '## What is critical',
    'A checkpoint is critical on a checklist when it has a stop fault that can arise between two such looks. These are critical only where the checklist looks back on what brings the fault:',
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
    '## What a repair touches',
    'After the work on the left, what is on the right is looked at again; the build drops what it rules out.',
    table(
      ['work', 'looked at again'],
      TOUCHES.map((touch) => [touch, disturbedBy(touch)]),
    ),
    '## Practices',
    ...PRACTICE_QUESTIONS.flatMap((question) => {
      const { question: words, sides } = PRACTICE_PROSE[question];
      return [
        `### ${words}`,
        table(
          ['way', 'what is done', 'what is said for it'],
          Object.values(sides).map((side) => [side.name, side.rule, side.reason]),
        ),
      ];
    }),
    '',
  ].join('\n\n');
}
