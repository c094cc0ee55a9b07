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

const stated = (given: Given, pairs: readonly (readonly [string, string])[]): readonly StatedTorque[] =>
  pairs.flatMap(([key, of]) => {
    const value = given.maybe(key);
    return value === undefined ? [] : [{ of, value }];
  });

export const torque: Tool = {
  key: 'torque',
  name: 'Torque of a joint',
  when: 'Several figures for one joint: the safer holds.',
  fields: [
    { key: 'part', label: 'On the part, most', unit: 'N m', spare: true },
    { key: 'clamp', label: 'On the clamp, most', unit: 'N m', spare: true },
    { key: 'bar', label: 'On the bar or post, most', unit: 'N m', spare: true },
    { key: 'least', label: 'Stated least', unit: 'N m', spare: true },
    {
      key: 'margin',
      label: 'Under it by',
      unit: '%',
      start: '0',
      choices: [
        { value: '0', label: 'Stated value' },
        { value: '10', label: '10 % under' },
      ],
    },
    {
      key: 'bolts',
      label: 'Bolts in it',
      start: '2',
      choices: ['1', '2', '3', '4', '5', '6'].map((value) => ({ value, label: value })),
    },
    { key: 'wrench', label: 'Wrench length', unit: 'mm', start: '150' },
  ],
  caution:
    'Some torque wrenches do not measure to the left. Carbon: paste and the maker’s figure, never more.',
  work: (given) => {
    const maxima = stated(given, [
      ['part', 'the part'],
      ['clamp', 'the clamp'],
      ['bar', 'bar or post'],
    ]);
    if (maxima.length === 0) return { state: 'waiting' };
    return tell(
      torqueFor(maxima, stated(given, [['least', 'the part']]), given.number('margin') / 100),
      (answer) => {
        if (answer.kind === 'conflict')
          return {
            says: `Conflict: at least ${rounded(answer.floor.value)}, at most ${rounded(answer.ceiling.value)} N m. Ask the maker`,
            working: `${answer.ceiling.of} takes no more than ${rounded(answer.ceiling.value)} N m`,
            bad: true,
          };
        const order = boltOrder(given.number('bolts'));
        const force = handForce(answer.target, given.number('wrench'));
        return {
          says: `${rounded(answer.target)} N m`,
          working: `least of the stated: ${rounded(answer.ceiling.value)} N m (${answer.ceiling.of})${given.text('margin') === '0' ? '' : ` less ${given.text('margin')} %`}`,
          rows: [
            ['In stages', answer.stages.map((stage) => `${rounded(stage)}`).join(' · ') + ' N m'],
            ['Order of the bolts', order.ok ? order.value.join(' – ') : ''],
            [
              'Imperial',
              `${rounded(convert(answer.target, 'N m', 'in lbf'), 1)} in lbf · ${rounded(convert(answer.target, 'N m', 'ft lbf'), 1)} ft lbf`,
            ],
            [
              'Pull at the wrench',
              force.ok ? `${rounded(force.value, 0)} N, about ${rounded(force.value / 9.81, 1)} kg` : '',
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
  name: 'Wrench with an adapter',
  when: 'A crowfoot or extension in line with the wrench.',
  fields: [
    { key: 'target', label: 'Wanted', unit: 'N m' },
    { key: 'wrench', label: 'Hand to square', unit: 'mm' },
    { key: 'adapter', label: 'Square to bolt', unit: 'mm' },
  ],
  caution: 'In line only: at a right angle the wrench is set to the wanted figure.',
  work: (given) =>
    tell(wrenchSetting(given.number('target'), given.number('wrench'), given.number('adapter')), (set) => ({
      says: `Set it to ${rounded(set)} N m`,
      working: `${given.text('target')} × ${given.text('wrench')} ÷ (${given.text('wrench')} + ${given.text('adapter')})`,
    })),
};

const PAIRS: readonly (readonly [string, WrittenUnit])[] = (Object.keys(UNITS) as WrittenUnit[]).map(
  (unit) => [unit, unit],
);
export const units: Tool = {
  key: 'units',
  name: 'Units',
  when: 'A figure in all the units of its kind.',
  fields: [
    { key: 'value', label: 'Figure' },
    { key: 'unit', label: 'Unit', start: 'psi', choices: PAIRS.map(([label, value]) => ({ value, label })) },
  ],
  work: (given) => {
    const value = given.number('value');
    const unit = PAIRS.find(([, each]) => each === given.text('unit'))?.[1] ?? 'psi';
    if (!Number.isFinite(value)) return { state: 'wrong', fields: { value: 'A number.' } };
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
  'hybrid-fork': 'Hybrid fork',
  'trail-fork': 'Trail fork',
  'trail-shock': 'Trail shock',
  'park-fork': 'Park fork',
  'park-shock': 'Park shock',
};

export const sag: Tool = {
  key: 'sag',
  name: 'Sag and travel',
  when: 'Rider in riding clothes, on and off without a bounce.',
  fields: [
    { key: 'ring', label: 'Ring or shaft shows', unit: 'mm' },
    { key: 'travel', label: 'Travel or stroke', unit: 'mm' },
    {
      key: 'band',
      label: 'Kind',
      start: 'trail-fork',
      choices: SAG_BANDS.map((value) => ({ value, label: BAND_WORDS[value] })),
    },
    { key: 'pressure', label: 'Pressure now', unit: 'bar', spare: true },
    { key: 'markedMax', label: 'Most as marked', unit: 'bar', spare: true },
    { key: 'used', label: 'Used on the last ride', unit: 'mm', spare: true },
  ],
  caution: 'At most a fifth at a step, never past the marked maximum.',
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
      'firmer-than-needed': 'firmer than needed, if the ride was hard',
      'full-travel': 'all of it: normal unless it was harsh',
      'as-meant': 'as meant',
    } as const;
    return tell(sagVerdict(share.value, band, policy.limits), (verdict) =>
      judgedAnswer(
        'sag',
        [verdict],
        `${given.text('ring')} ÷ ${given.text('travel')} = ${percent(share.value)}; ${BAND_WORDS[band].toLowerCase()} ${percent(least.value, 0)} to ${percent(most.value, 0)}`,
        [
          ...(next?.ok
            ? [
                [
                  'Try next',
                  `${rounded(next.value.pressure / 100)} bar${next.value.held === 'step' ? ', a fifth at a step' : next.value.held === 'marked' ? ', the marked most' : ''}`,
                ] as const,
              ]
            : []),
          ...(travel?.ok ? [['Travel used', NOTE[travel.value]] as const] : []),
        ],
      ),
    );
  },
};

export const battery: Tool = {
  key: 'battery',
  name: 'Battery',
  when: 'Charge for the store, and what is left of it.',
  fields: [
    { key: 'charge', label: 'Charge', unit: '%', spare: true },
    { key: 'measured', label: 'Measured energy', unit: 'Wh', spare: true },
    { key: 'rated', label: 'Rated energy', unit: 'Wh', spare: true },
  ],
  caution: 'Swollen, dented, smelling or wet: outdoors, not charged, to a qualified person.',
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
              working: `${given.text('measured')} ÷ ${given.text('rated')} = ${percent(health.value.value, 0)} of its energy`,
              bad: isBad(health.value),
            },
          }
        : { state: 'waiting' };
    return tell(chargeVerdict(charge / 100, true, policy.limits), (verdict) => ({
      says: verdict.outcome === 'pass' ? 'Right for the store' : judgedAnswer('battery', [verdict], '').says,
      next: verdict.outcome === 'pass' ? '' : (judgedAnswer('battery', [verdict], '').next ?? ''),
      working: `stored between ${percent(policy.limits.chargeLeast ?? 0.4, 0)} and ${percent(policy.limits.chargeMost ?? 0.7, 0)}; again in 30 days`,
      bad: isBad(verdict),
      ...(healthWords ? { rows: [['Health', healthWords]] as const } : {}),
    }));
  },
};

export const waiting: Tool = {
  key: 'waiting',
  name: 'Cost of waiting',
  when: 'A chain now, or chain, cassette and rings later.',
  fields: [
    { key: 'chainParts', label: 'Chain' },
    { key: 'chainMinutes', label: 'its minutes', unit: 'min', start: '15' },
    { key: 'sprocketParts', label: 'Cassette and rings' },
    { key: 'sprocketMinutes', label: 'their minutes', unit: 'min', start: '45' },
    { key: 'rate', label: 'An hour of work', start: '40' },
  ],
  work: (given) =>
    tell(
      costOfWaiting(
        { parts: given.number('chainParts'), minutes: given.number('chainMinutes') },
        { parts: given.number('sprocketParts'), minutes: given.number('sprocketMinutes') },
        given.number('rate'),
      ),
      (answer) => ({
        says: `Waiting costs ${rounded(answer.saved)} more`,
        working: `now ${rounded(answer.now)}, later ${rounded(answer.later)}`,
      }),
      { chain: 'chainParts', sprockets: 'sprocketParts' },
    ),
};

export const decline: Tool = {
  key: 'repair-or-decline',
  name: 'Repair or decline',
  when: 'A used bike: its price and its repairs against a fit one.',
  fields: [
    { key: 'price', label: 'Price asked' },
    { key: 'worth', label: 'A fit one is worth' },
    { key: 'parts', many: true, label: 'Parts of each repair', hint: 'one figure a finding: 22 40 0' },
    {
      key: 'minutes',
      many: true,
      label: 'Minutes of each',
      unit: 'min',
      hint: 'in the same order: 30 60 10',
    },
    { key: 'rate', label: 'An hour of work', start: '40' },
  ],
  work: (given) => {
    const [parts, minutes] = [given.numbers('parts'), given.numbers('minutes')];
    if (parts.length !== minutes.length)
      return { state: 'wrong', fields: { minutes: `As many as parts: ${parts.length}.` } };
    return tell(
      assessment(
        parts.map((each, at) => ({ parts: each, minutes: minutes[at] ?? 0 })),
        given.number('rate'),
        given.number('price'),
        given.number('worth'),
      ),
      (answer) => ({
        says: answer.accept
          ? `Worth it: ${rounded(answer.gain)} under a fit one`
          : `Decline: ${rounded(-answer.gain)} over a fit one`,
        working: `${given.text('price')} + ${rounded(answer.repairs)} of repairs = ${rounded(answer.whole)}`,
        bad: !answer.accept,
      }),
      { findings: 'parts' },
    );
  },
};
