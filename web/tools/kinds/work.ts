import {
  boltOrder,
  bandOn,
  chargeVerdict,
  convert,
  costOfWaiting,
  handForce,
  healthVerdict,
  assessment,
  sagBand,
  sagPressure,
  sagShare,
  sagVerdict,
  SAG_BANDS,
  torqueFor,
  UNITS,
  usedTravel,
  wrenchSetting,
  type SagBand,
  type StatedTorque,
  type WrittenUnit,
} from '@cadre/core/measures';
import { isBad, judgedAnswer, percent, rounded, tell, type Given, type Tool } from '../tool';
import * as t from '../messages';

const stated = (given: Given, pairs: readonly (readonly [string, string])[]): readonly StatedTorque[] =>
  pairs.flatMap(([key, of]) => {
    const value = given.maybe(key);
    return value === undefined ? [] : [{ of, value }];
  });

export const torque: Tool = {
  key: 'torque',
  name: t.torqueForJoint,
  when: t.ifJointHasSeveral,
  fields: [
    { key: 'part', label: t.maximumMarkedOnPart, unit: 'N m', spare: true },
    { key: 'clamp', label: t.maximumMarkedOnClamp, unit: 'N m', spare: true },
    { key: 'bar', label: t.maximumBarPost, unit: 'N m', spare: true },
    { key: 'least', label: t.statedMinimum, unit: 'N m', spare: true },
    {
      key: 'margin',
      label: t.safetyMargin,
      unit: '%',
      start: '0',
      choices: [
        { value: '0', label: t.statedValue },
        { value: '10', label: t.n10Below },
      ],
    },
    {
      key: 'bolts',
      label: t.numberBolts,
      start: '2',
      choices: ['1', '2', '3', '4', '5', '6'].map((value) => ({ value, label: value })),
    },
    { key: 'wrench', label: t.wrenchLength, unit: 'mm', start: '150' },
  ],
  caution: t.someTorqueWrenchesDo,
  work: (given) => {
    const maxima = stated(given, [
      ['part', t.thePart],
      ['clamp', t.theClamp],
      ['bar', t.barPost],
    ]);
    if (maxima.length === 0) return { state: 'waiting' };
    return tell(
      torqueFor(maxima, stated(given, [['least', t.thePart]]), given.number('margin') / 100),
      (answer) => {
        if (answer.kind === 'conflict')
          return {
            says: t.conflictMinimumRoundedMaximum({
              rounded: rounded(answer.floor.value),
              rounded2: rounded(answer.ceiling.value),
            }),
            working: t.allowsMaximumRoundedN({
              of: answer.ceiling.of,
              rounded: rounded(answer.ceiling.value),
            }),
            bad: true,
          };
        const order = boltOrder(given.number('bolts'));
        const force = handForce(answer.target, given.number('wrench'));
        return {
          says: `${rounded(answer.target)} N m`,
          working: t.lowestStatedValueRounded({
            rounded: rounded(answer.ceiling.value),
            of: answer.ceiling.of,
            part: given.text('margin') === '0' ? '' : t.minusValue({ value: given.text('margin') }),
          }),
          rows: [
            [t.inStages, answer.stages.map((stage) => `${rounded(stage)}`).join(' · ') + ' N m'],
            [t.tighteningOrder, order.ok ? order.value.join(' – ') : ''],
            [
              t.imperial,
              t.roundedInLbfRounded2({
                rounded: rounded(convert(answer.target, 'N m', 'in lbf'), 1),
                rounded2: rounded(convert(answer.target, 'N m', 'ft lbf'), 1),
              }),
            ],
            [
              t.forceWrench,
              force.ok
                ? t.roundedNAboutRounded2({
                    rounded: rounded(force.value, 0),
                    rounded2: rounded(force.value / 9.81, 1),
                  })
                : '',
            ],
          ],
        };
      },
      { maxima: 'part', minima: 'least' },
    );
  },
};

export const adapter: Tool = {
  key: 'adapter',
  name: t.wrenchWithAdapter,
  when: t.forCrowfootExtensionIn,
  fields: [
    { key: 'target', label: t.wantedTorque, unit: 'N m' },
    { key: 'wrench', label: t.handSquareDrive, unit: 'mm' },
    { key: 'adapter', label: t.squareDriveBolt, unit: 'mm' },
  ],
  caution: t.onlyForAdapterIn,
  work: (given) =>
    tell(wrenchSetting(given.number('target'), given.number('wrench'), given.number('adapter')), (set) => ({
      says: t.setWrenchRoundedN({ rounded: rounded(set) }),
      working: `${given.text('target')} × ${given.text('wrench')} ÷ (${given.text('wrench')} + ${given.text('adapter')})`,
    })),
};

const PAIRS: readonly (readonly [string, WrittenUnit])[] = (Object.keys(UNITS) as WrittenUnit[]).map(
  (unit) => [unit, unit],
);
export const units: Tool = {
  key: 'units',
  name: t.units,
  when: t.convertsValueOtherUnits,
  fields: [
    { key: 'value', label: t.value },
    { key: 'unit', label: t.unit, start: 'psi', choices: PAIRS.map(([label, value]) => ({ value, label })) },
  ],
  work: (given) => {
    const value = given.number('value');
    const unit = PAIRS.find(([, each]) => each === given.text('unit'))?.[1] ?? 'psi';
    if (!Number.isFinite(value)) return { state: 'wrong', fields: { value: t.enterNumber } };
    const [kind] = UNITS[unit];
    const others = PAIRS.filter(([, each]) => UNITS[each][0] === kind && each !== unit);
    const [first] = others;
    return {
      state: 'answer',
      answer: {
        says: first ? `${rounded(convert(value, unit, first[1]), 3)} ${first[0]}` : `${value} ${unit}`,
        working: `${given.text('value')} ${unit}`,
        rows: others.slice(1).map(([name, each]) => [name, rounded(convert(value, unit, each), 3)] as const),
      },
    };
  },
};

const BAND_WORDS: Record<SagBand, string> = {
  'hybrid-fork': t.hybridFork,
  'trail-fork': t.trailFork,
  'trail-shock': t.trailShock,
  'park-fork': t.parkFork,
  'park-shock': t.parkShock,
};

export const sag: Tool = {
  key: 'sag',
  name: t.sagTravel,
  when: t.withRiderInRiding,
  fields: [
    { key: 'ring', label: t.ringPositionVisibleShaft, unit: 'mm' },
    { key: 'travel', label: t.travelStroke, unit: 'mm' },
    {
      key: 'band',
      label: t.kind,
      start: 'trail-fork',
      choices: SAG_BANDS.map((value) => ({ value, label: BAND_WORDS[value] })),
    },
    { key: 'pressure', label: t.pressureNow, unit: 'bar', spare: true },
    { key: 'markedMax', label: t.maximumAsMarked, unit: 'bar', spare: true },
    { key: 'used', label: t.travelUsedOnLast, unit: 'mm', spare: true },
  ],
  caution: t.changeUpOneFifth,
  reading: { measure: 'sag', typed: (value) => `${value('ring')}/${value('travel')}` },
  work: (given, policy) => {
    const share = sagShare(given.number('ring'), given.number('travel'));
    if (!share.ok) return tell(share, () => ({ says: '', working: '' }));
    const band =
      SAG_BANDS.find((each) => each === given.text('band')) ??
      bandOn({ build: { kind: 'hardtail' } as never, fit: {}, rearSuspension: false });
    const { least, most } = sagBand(band, policy.limits);
    const pressure = given.maybe('pressure');
    const max = given.maybe('markedMax');
    const next =
      pressure === undefined
        ? null
        : sagPressure(
            pressure * 100,
            Math.max(share.value, 0.01),
            (least.value + most.value) / 2,
            max === undefined ? undefined : max * 100,
          );
    if (next && !next.ok) return tell(next, () => ({ says: '', working: '' }));
    const used = given.maybe('used');
    const travel = used === undefined ? null : usedTravel(used / given.number('travel'));
    if (travel && !travel.ok) return tell(travel, () => ({ says: '', working: '' }));
    const NOTE = {
      'firmer-than-needed': t.firmerThanNeededIf,
      'full-travel': t.fullTravelNormalUnless,
      'as-meant': t.asIntended,
    } as const;
    return tell(sagVerdict(share.value, band, policy.limits), (verdict) =>
      judgedAnswer(
        'sag',
        [verdict],
        t.valueValue2PercentBand({
          value: given.text('ring'),
          value2: given.text('travel'),
          percent: percent(share.value),
          band: BAND_WORDS[band].toLowerCase(),
          percent2: percent(least.value, 0),
          percent3: percent(most.value, 0),
        }),
        [
          ...(next?.ok
            ? [
                [
                  t.tryWord,
                  t.roundedBarPart({
                    rounded: rounded(next.value.pressure / 100),
                    part:
                      next.value.held === 'step'
                        ? t.oneFifthChange
                        : next.value.held === 'marked'
                          ? t.markedMaximum
                          : '',
                  }),
                ] as const,
              ]
            : []),
          ...(travel?.ok ? [[t.travelUsed, NOTE[travel.value]] as const] : []),
        ],
      ),
    );
  },
};

export const battery: Tool = {
  key: 'battery',
  name: t.battery,
  when: t.chargeForStorageRemaining,
  fields: [
    { key: 'charge', label: t.charge, unit: '%', spare: true },
    { key: 'measured', label: t.measuredEnergy, unit: 'Wh', spare: true },
    { key: 'rated', label: t.ratedEnergy, unit: 'Wh', spare: true },
  ],
  caution: t.swollenDentedSmellingWet,
  reading: { measure: 'battery', typed: (value) => `${value('charge')} %` },
  work: (given, policy) => {
    const charge = given.maybe('charge');
    const [measured, rated] = [given.maybe('measured'), given.maybe('rated')];
    const health =
      measured !== undefined && rated !== undefined ? healthVerdict(measured, rated, policy.limits) : null;
    if (health && !health.ok) return tell(health, () => ({ says: '', working: '' }));
    const healthWords = health?.ok ? judgedAnswer('battery', [health.value], '').says : '';
    if (charge === undefined)
      return health?.ok
        ? {
            state: 'answer',
            answer: {
              says: healthWords,
              working: t.valueValue2PercentItsEnergy({
                value: given.text('measured'),
                value2: given.text('rated'),
                percent: percent(health.value.value, 0),
              }),
              bad: isBad(health.value),
            },
          }
        : { state: 'waiting' };
    return tell(chargeVerdict(charge / 100, true, policy.limits), (verdict) => ({
      says: verdict.outcome === 'pass' ? t.goodForStorage : judgedAnswer('battery', [verdict], '').says,
      next: verdict.outcome === 'pass' ? '' : (judgedAnswer('battery', [verdict], '').next ?? ''),
      working: t.storeBetweenPercentPercent2({
        percent: percent(policy.limits.chargeLeast ?? 0.4, 0),
        percent2: percent(policy.limits.chargeMost ?? 0.7, 0),
      }),
      bad: isBad(verdict),
      ...(healthWords ? { rows: [[t.health, healthWords]] as const } : {}),
    }));
  },
};

export const waiting: Tool = {
  key: 'waiting',
  name: t.costWaiting,
  when: t.chainNowChainCassette,
  fields: [
    { key: 'chainParts', label: t.chain },
    { key: 'chainMinutes', label: t.workForChain, unit: 'min', start: '15' },
    { key: 'sprocketParts', label: t.cassetteChainrings },
    { key: 'sprocketMinutes', label: t.workForCassetteChainrings, unit: 'min', start: '45' },
    { key: 'rate', label: t.hourlyRate, start: '40' },
  ],
  work: (given) =>
    tell(
      costOfWaiting(
        { parts: given.number('chainParts'), minutes: given.number('chainMinutes') },
        { parts: given.number('sprocketParts'), minutes: given.number('sprocketMinutes') },
        given.number('rate'),
      ),
      (answer) => ({
        says: t.waitingCostsRoundedMore({ rounded: rounded(answer.saved) }),
        working: t.nowRoundedLaterRounded2({ rounded: rounded(answer.now), rounded2: rounded(answer.later) }),
      }),
      { chain: 'chainParts', sprockets: 'sprocketParts' },
    ),
};

export const decline: Tool = {
  key: 'repair-or-decline',
  name: t.repairDecline,
  when: t.usedBikePricePlus,
  fields: [
    { key: 'price', label: t.askingPrice },
    { key: 'worth', label: t.valueWhenRepaired },
    { key: 'parts', many: true, label: t.partsCostEachRepair, hint: t.oneValueForEachRepair },
    {
      key: 'minutes',
      many: true,
      label: t.minutesEachRepair,
      unit: 'min',
      hint: t.inSameOrder30,
    },
    { key: 'rate', label: t.hourlyRate, start: '40' },
  ],
  work: (given) => {
    const [parts, minutes] = [given.numbers('parts'), given.numbers('minutes')];
    if (parts.length !== minutes.length)
      return { state: 'wrong', fields: { minutes: t.enterAsManyValues({ parts: parts.length }) } };
    return tell(
      assessment(
        parts.map((each, at) => ({ parts: each, minutes: minutes[at] ?? 0 })),
        given.number('rate'),
        given.number('price'),
        given.number('worth'),
      ),
      (answer) => ({
        says: answer.accept
          ? t.worthBuyingRoundedBelow({ rounded: rounded(answer.gain) })
          : t.declineRoundedAboveIts({ rounded: rounded(-answer.gain) }),
        working: t.valueRoundedForRepairs({
          value: given.text('price'),
          rounded: rounded(answer.repairs),
          rounded2: rounded(answer.whole),
        }),
        bad: !answer.accept,
      }),
      { findings: 'parts' },
    );
  },
};
