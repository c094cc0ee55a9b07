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
import * as t from '../messages';

const GEARING = [
  { value: '12', label: t.n11MoreSprockets },
  { value: '9', label: t.n210Sprockets },
  { value: '1', label: t.oneSprocketHubGear },
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
      [t.replaceChain, percent(limits.chain.value)],
      [t.replaceSprockets, percent(limits.sprockets.value)],
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

const GEARED = { key: 'sprockets', label: t.gearing, start: '12', choices: GEARING };
const CHAIN_CAUTION = t.gaugesPressOnBoth;

export const chainByLength: Tool = {
  key: 'chain-length',
  name: t.chainCaliper,
  when: t.measureOverTenMore,
  fields: [
    { key: 'length', label: t.length, unit: 'mm' },
    { key: 'links', label: t.fullLinks, start: '24', hint: t.oneInnerOneOuter },
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
  name: t.chainRuler,
  when: t.measureFromPinPin,
  fields: [{ key: 'sixteenths', label: t.beyondTwelveInches, unit: '1/16 in', start: '1' }, GEARED],
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
  name: t.chainDropInGauge,
  when: t.largestNumberDropsIn,
  caution: CHAIN_CAUTION,
  fields: [{ key: 'wear', label: t.dropsIn, unit: '%', start: '0.5' }, GEARED],
  reading: { measure: 'chain', typed: (value) => `${value('wear')} %` },
  work: (given, policy) =>
    byWay(
      elongationByGauge(given.number('wear') / 100),
      (value) => t.judgedLowerEndIts({ percent: percent(value) }),
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
  name: t.hanger,
  when: t.fitGaugeHangerTurn,
  fields: [
    { key: 'gaps', many: true, label: t.gaps, unit: 'mm', hint: t.topBottomFrontBack },
    {
      key: 'sprockets',
      label: t.sprockets,
      start: '11',
      choices: [
        { value: '11', label: t.n11More },
        { value: '10', label: t.n10Fewer },
      ],
    },
  ],
  reading: { measure: 'hanger', typed: (value) => value('gaps') },
  work: (given, policy) =>
    tell(
      hangerVerdict(given.numbers('gaps'), given.number('sprockets'), policy.limits),
      simple('hanger', (verdict) => t.largestMinusSmallestGap({ rounded: rounded(verdict.value) })),
    ),
};

export const slack: Tool = {
  key: 'slack',
  name: t.chainSlack,
  when: t.forBikesWithoutDerailleur,
  fields: [{ key: 'slack', label: t.slack, unit: 'mm' }],
  caution: t.keepFingersAwayFrom,
  reading: { measure: 'chain-slack', typed: (value) => value('slack') },
  work: (given, policy) =>
    tell(
      slackVerdict(given.number('slack'), policy.limits),
      simple('chain-slack', (verdict) => t.roundedMmComparedWith({ rounded: rounded(verdict.value) })),
    ),
};
