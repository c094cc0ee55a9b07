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
  name: t.torqueJoint,
  when: t.severalFiguresForOne,
  fields: [
    { key: 'part', label: t.onPartMost, unit: 'N m', spare: true },
    { key: 'clamp', label: t.onClampMost, unit: 'N m', spare: true },
    { key: 'bar', label: t.onBarPostMost, unit: 'N m', spare: true },
    { key: 'least', label: t.statedLeast, unit: 'N m', spare: true },
    {
      key: 'margin',
      label: t.underItBy,
      unit: '%',
      start: '0',
      choices: [
        { value: '0', label: t.statedValue },
        { value: '10', label: t.n10Under },
      ],
    },
    {
      key: 'bolts',
      label: t.boltsIn,
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
            says: t.conflictLeastRoundedMost({
              rounded: rounded(answer.floor.value),
              rounded2: rounded(answer.ceiling.value),
            }),
            working: t.takesNoMoreThan({ of: answer.ceiling.of, rounded: rounded(answer.ceiling.value) }),
            bad: true,
          };
        const order = boltOrder(given.number('bolts'));
        const force = handForce(answer.target, given.number('wrench'));
        return {
          says: `${rounded(answer.target)} N m`,
          working: t.leastStatedRoundedN({
            rounded: rounded(answer.ceiling.value),
            of: answer.ceiling.of,
            part: given.text('margin') === '0' ? '' : t.lessValue({ value: given.text('margin') }),
          }),
          rows: [
            [t.inStages, answer.stages.map((stage) => `${rounded(stage)}`).join(' · ') + ' N m'],
            [t.orderBolts, order.ok ? order.value.join(' – ') : ''],
            [
              t.imperial,
              t.roundedInLbfRounded2({
                rounded: rounded(convert(answer.target, 'N m', 'in lbf'), 1),
                rounded2: rounded(convert(answer.target, 'N m', 'ft lbf'), 1),
              }),
            ],
            [
              t.pullWrench,
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
  when: t.crowfootExtensionInLine,
  fields: [
    { key: 'target', label: t.wanted, unit: 'N m' },
    { key: 'wrench', label: t.handSquare, unit: 'mm' },
    { key: 'adapter', label: t.squareBolt, unit: 'mm' },
  ],
  caution: t.inLineOnlyRight,
  work: (given) =>
    tell(wrenchSetting(given.number('target'), given.number('wrench'), given.number('adapter')), (set) => ({
      says: t.setRoundedNM({ rounded: rounded(set) }),
      working: `${given.text('target')} × ${given.text('wrench')} ÷ (${given.text('wrench')} + ${given.text('adapter')})`,
    })),
};

const PAIRS: readonly (readonly [string, WrittenUnit])[] = (Object.keys(UNITS) as WrittenUnit[]).map(
  (unit) => [unit, unit],
);
export const units: Tool = {
  key: 'units',
  name: t.units,
  when: t.figureInAllUnits,
  fields: [
    { key: 'value', label: t.figure },
    { key: 'unit', label: t.unit, start: 'psi', choices: PAIRS.map(([label, value]) => ({ value, label })) },
  ],
  work: (given) => {
    const value = given.number('value');
    const unit = PAIRS.find(([, each]) => each === given.text('unit'))?.[1] ?? 'psi';
    if (!Number.isFinite(value)) return { state: 'wrong', fields: { value: t.aNumber } };
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
  when: t.riderInRidingClothes,
  fields: [
    { key: 'ring', label: t.ringShaftShows, unit: 'mm' },
    { key: 'travel', label: t.travelStroke, unit: 'mm' },
    {
      key: 'band',
      label: t.kind,
      start: 'trail-fork',
      choices: SAG_BANDS.map((value) => ({ value, label: BAND_WORDS[value] })),
    },
    { key: 'pressure', label: t.pressureNow, unit: 'bar', spare: true },
    { key: 'markedMax', label: t.mostAsMarked, unit: 'bar', spare: true },
    { key: 'used', label: t.usedOnLastRide, unit: 'mm', spare: true },
  ],
  caution: t.mostFifthStepNever,
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
      'full-travel': t.allNormalUnlessWas,
      'as-meant': t.asMeant,
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
                  t.tryNext,
                  t.roundedBarPart({
                    rounded: rounded(next.value.pressure / 100),
                    part:
                      next.value.held === 'step'
                        ? t.fifthStep
                        : next.value.held === 'marked'
                          ? t.markedMost
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
  when: t.chargeForStoreWhat,
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
      says: verdict.outcome === 'pass' ? t.rightForStore : judgedAnswer('battery', [verdict], '').says,
      next: verdict.outcome === 'pass' ? '' : (judgedAnswer('battery', [verdict], '').next ?? ''),
      working: t.storedBetweenPercentPercent2({
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
    { key: 'chainMinutes', label: t.itsMinutes, unit: 'min', start: '15' },
    { key: 'sprocketParts', label: t.cassetteRings },
    { key: 'sprocketMinutes', label: t.theirMinutes, unit: 'min', start: '45' },
    { key: 'rate', label: t.hourWork, start: '40' },
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
  when: t.usedBikeItsPrice,
  fields: [
    { key: 'price', label: t.priceAsked },
    { key: 'worth', label: t.fitOneWorth },
    { key: 'parts', many: true, label: t.partsEachRepair, hint: t.oneFigureFinding22 },
    {
      key: 'minutes',
      many: true,
      label: t.minutesEach,
      unit: 'min',
      hint: t.inSameOrder30,
    },
    { key: 'rate', label: t.hourWork, start: '40' },
  ],
  work: (given) => {
    const [parts, minutes] = [given.numbers('parts'), given.numbers('minutes')];
    if (parts.length !== minutes.length)
      return { state: 'wrong', fields: { minutes: t.asManyAsParts({ parts: parts.length }) } };
    return tell(
      assessment(
        parts.map((each, at) => ({ parts: each, minutes: minutes[at] ?? 0 })),
        given.number('rate'),
        given.number('price'),
        given.number('worth'),
      ),
      (answer) => ({
        says: answer.accept
          ? t.worthRoundedUnderFit({ rounded: rounded(answer.gain) })
          : t.declineRoundedOverFit({ rounded: rounded(-answer.gain) }),
        working: t.valueRoundedRepairsRounded2({
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
