import {
  chainLimits,
  chainVerdict,
  elongationByGauge,
  elongationByLength,
  elongationByRuler,
  hangerVerdict,
  slackVerdict,
  type Measured,
  type Verdict,
} from '@cadre/core/measures';
import {
  judgedAnswer,
  percent,
  rounded,
  tell,
  type Given,
  type ToolPolicy,
  type Tool,
  type ToolAnswer,
  type ToolResult,
} from '../tool';

const GEARING = [
  { value: '12', label: '11 sprockets and more' },
  { value: '9', label: '2 to 10 sprockets' },
  { value: '1', label: 'One sprocket or hub gear' },
] as const;

function judgeChain(elongation: number, working: string, given: Given, policy: ToolPolicy): ToolResult {
  const sprockets = Number(given.text('sprockets'));
  const limits = chainLimits(
    { gears: sprockets === 1 ? 'single-speed' : 'derailleur', sprockets },
    policy.chain,
    policy.limits,
  );
  return tell(chainVerdict(elongation, limits, policy.limits), (verdict) =>
    judgedAnswer('chain', [verdict], working, [
      ['New chain at', percent(limits.chain.value)],
      ['Sprockets too at', percent(limits.sprockets.value)],
    ]),
  );
}

function byWay(
  answer: Measured<number>,
  working: (value: number) => string,
  given: Given,
  policy: ToolPolicy,
): ToolResult {
  return answer.ok
    ? judgeChain(answer.value, working(answer.value), given, policy)
    : tell(answer, () => ({ says: '', working: '' }));
}

const GEARED = { key: 'sprockets', label: 'Gearing', start: '12', choices: GEARING };
const CHAIN_CAUTION = 'Gauges that press both rollers read high; some narrow chains need their own gauge.';

export const chainByLength: Tool = {
  key: 'chain-length',
  name: 'Chain by caliper',
  when: 'Length over ten links or more, chain under light pull.',
  fields: [
    { key: 'length', label: 'Length', unit: 'mm' },
    { key: 'links', label: 'Full links', start: '24', hint: 'an inner and an outer are one' },
    GEARED,
  ],
  reading: { measure: 'chain', typed: (value) => `${value('length')}/${value('links')}` },
  work: (given, policy) =>
    byWay(
      elongationByLength(given.number('length'), given.number('links')),
      (value) =>
        `(${given.text('length')} − ${given.text('links')} × 25.4) ÷ (${given.text('links')} × 25.4) = ${percent(value, 4)}`,
      given,
      policy,
    ),
};

export const chainByRuler: Tool = {
  key: 'chain-ruler',
  name: 'Chain by ruler',
  when: 'From pin to pin over twelve inches.',
  fields: [{ key: 'sixteenths', label: 'Past the twelfth inch', unit: '1/16 in', start: '1' }, GEARED],
  reading: { measure: 'chain', typed: (value) => `${value('sixteenths')}/16` },
  work: (given, policy) =>
    byWay(
      elongationByRuler(given.number('sixteenths')),
      (value) => `${given.text('sixteenths')} ÷ 16 ÷ 12 = ${percent(value, 4)}`,
      given,
      policy,
    ),
};

export const chainByGauge: Tool = {
  key: 'chain-gauge',
  name: 'Chain by drop-in gauge',
  when: 'The largest figure that drops in.',
  caution: CHAIN_CAUTION,
  fields: [{ key: 'wear', label: 'Drops in at', unit: '%', start: '0.5' }, GEARED],
  reading: { measure: 'chain', typed: (value) => `${value('wear')} %` },
  work: (given, policy) =>
    byWay(
      elongationByGauge(given.number('wear') / 100),
      (value) => `judged by the lower edge of its band: ${percent(value)}`,
      given,
      policy,
    ),
};

const simple =
  (measure: 'hanger' | 'chain-slack', working: (verdict: Verdict) => string) =>
  (verdict: Verdict): ToolAnswer =>
    judgedAnswer(measure, [verdict], working(verdict));

export const hanger: Tool = {
  key: 'hanger',
  name: 'Hanger',
  when: 'Gauge in the hanger, one point of the rim turned to each place.',
  fields: [
    { key: 'gaps', many: true, label: 'Gaps', unit: 'mm', hint: 'top, bottom, front, back: 10 12 11 10' },
    {
      key: 'sprockets',
      label: 'Sprockets',
      start: '11',
      choices: [
        { value: '11', label: '11 and more' },
        { value: '10', label: '10 and fewer' },
      ],
    },
  ],
  reading: { measure: 'hanger', typed: (value) => value('gaps') },
  work: (given, policy) =>
    tell(
      hangerVerdict(given.numbers('gaps'), given.number('sprockets'), policy.limits),
      simple('hanger', (verdict) => `widest less narrowest gap = ${rounded(verdict.value)} mm`),
    ),
};

export const slack: Tool = {
  key: 'slack',
  name: 'Chain slack',
  when: 'Without derailleur: up and down in all, at the tightest place of the turn.',
  fields: [{ key: 'slack', label: 'Slack', unit: 'mm' }],
  caution: 'Fingers clear of ring and sprocket while the cranks turn.',
  reading: { measure: 'chain-slack', typed: (value) => value('slack') },
  work: (given, policy) =>
    tell(
      slackVerdict(given.number('slack'), policy.limits),
      simple('chain-slack', (verdict) => `${rounded(verdict.value)} mm against its window`),
    ),
};
