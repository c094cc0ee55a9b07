import {
  BEARINGS,
  convert,
  findBearings,
  leak,
  runOutVerdict,
  sitePressure,
  spokesVerdicts,
  SURFACES,
  tyreStart,
  tyreWindow,
  WHEEL_SHARE,
} from '@cadre/core/measures';
import { judgedAnswer, percent, rounded, tell, type Tool } from '../tool';

const bar = (kpa: number): string => `${rounded(kpa / 100)} bar`;
const kpa = (value: number | undefined): number | undefined =>
  value === undefined ? undefined : value * 100;

export const tyre: Tool = {
  key: 'tyre',
  name: 'Tyre: window and start',
  when: 'Where its pressure belongs, and where to begin.',
  fields: [
    { key: 'mass', label: 'Rider, bike and bags', unit: 'kg' },
    {
      key: 'end',
      label: 'Wheel',
      start: 'rear',
      choices: [
        { value: 'front', label: 'Front' },
        { value: 'rear', label: 'Rear' },
      ],
    },
    { key: 'width', label: 'Tyre width', unit: 'mm' },
    { key: 'sidewallMin', label: 'Sidewall, least', unit: 'bar', spare: true },
    { key: 'sidewallMax', label: 'Sidewall, most', unit: 'bar', spare: true },
    { key: 'rimMax', label: 'Rim, most', unit: 'bar', spare: true },
    {
      key: 'surface',
      label: 'Surface',
      start: 'hard',
      choices: SURFACES.map((value) => ({
        value,
        label: { hard: 'Hard', gravel: 'Gravel', trail: 'Trail' }[value],
      })),
    },
    {
      key: 'wet',
      label: 'Ground',
      start: 'dry',
      choices: [
        { value: 'dry', label: 'Dry' },
        { value: 'wet', label: 'Wet' },
      ],
    },
    {
      key: 'tube',
      label: 'Fitted',
      start: 'tube',
      choices: [
        { value: 'tube', label: 'Tube' },
        { value: 'tubeless', label: 'Tubeless' },
      ],
    },
  ],
  caution:
    'A starting point for adults, no verdict. Never over the least of what tyre and rim are marked with.',
  work: (given, policy) => {
    const width = given.number('width');
    const marked = {
      sidewallMin: kpa(given.maybe('sidewallMin')),
      sidewallMax: kpa(given.maybe('sidewallMax')),
      rimMax: kpa(given.maybe('rimMax')),
      width,
    };
    const window = tyreWindow(marked, policy.limits);
    const share = WHEEL_SHARE[given.text('end') === 'front' ? 'front' : 'rear'];
    const surface = SURFACES.find((each) => each === given.text('surface')) ?? 'hard';
    const ride = { surface, wet: given.text('wet') === 'wet', tubeless: given.text('tube') === 'tubeless' };
    const ends = `${window.floor === null ? 'no floor known' : `over ${bar(window.floor)}`}, ${window.ceiling === null ? 'no maximum known' : `under ${bar(window.ceiling)}`}`;
    return tell(tyreStart(given.number('mass'), share, width, ride, window), (start) => ({
      says: `Start at ${bar(start.pressure)}${start.held ? `, held at its ${start.held === 'floor' ? 'least' : 'most'}` : ''}`,
      working: `${given.text('mass')} kg × ${share} = ${rounded(start.load, 1)} kg on the wheel; 15 % tyre drop at ${given.text('width')} mm = ${bar(start.calculated)}`,
      rows: [
        ['Window', ends],
        ['In psi', rounded(convert(start.pressure, 'kPa', 'psi'), 1)],
      ],
    }));
  },
};

export const leakTool: Tool = {
  key: 'leak',
  name: 'Leak',
  when: 'Two gauge readings, hours apart.',
  fields: [
    { key: 'before', label: 'First', unit: 'bar' },
    { key: 'after', label: 'Then', unit: 'bar' },
    { key: 'hours', label: 'Hours between', unit: 'h' },
    { key: 'floor', label: 'Least it may have', unit: 'bar', spare: true },
    { key: 'nextLook', label: 'Looked at again in', unit: 'h', start: '24', spare: true },
    { key: 'warmthBefore', label: 'Warmth then', unit: '°C', spare: true },
    { key: 'warmthAfter', label: 'Warmth now', unit: '°C', spare: true },
    { key: 'altitude', label: 'Above the sea', unit: 'm', start: '0', spare: true },
  ],
  caution: 'Small pump gauges are not evidence: the same good gauge both times.',
  work: (given, policy) => {
    const site = sitePressure(given.maybe('altitude') ?? 0);
    if (!site.ok) return tell(site, () => ({ says: '', working: '' }));
    const input = {
      before: given.number('before') * 100,
      after: given.number('after') * 100,
      hours: given.number('hours'),
      site: site.value,
      floor: kpa(given.maybe('floor')),
      nextLookHours: given.maybe('nextLook'),
      warmthBefore: given.maybe('warmthBefore'),
      warmthAfter: given.maybe('warmthAfter'),
    };
    return tell(leak(input, policy.limits), (answer) => ({
      says:
        answer.outcome === 'too-soon'
          ? answer.because === 'hours'
            ? 'Too soon to say: gauge again when six hours have gone by'
            : 'Too soon to say: the gauges could be off by as much'
          : answer.outcome === 'fail'
            ? answer.because === 'floor'
              ? 'It falls under its least before it is looked at again: soon'
              : `Loses ${percent(answer.perDay, 1)} a day: soon`
            : `Holds: ${percent(Math.max(0, answer.perDay), 1)} a day`,
      bad: answer.outcome === 'fail',
      working: `(${rounded(input.before, 0)} − ${rounded(answer.corrected, 1)}) ÷ ${rounded(input.before, 0)} ÷ ${rounded(input.hours / 24)} days = ${percent(answer.perDay)} a day, between ${percent(answer.perDayLeast, 1)} and ${percent(answer.perDayMost, 1)}`,
      ...(answer.hoursToFloor === null
        ? {}
        : { rows: [['Until its least', `${rounded(answer.hoursToFloor, 0)} h`]] as const }),
    }));
  },
};

export const runOut: Tool = {
  key: 'run-out',
  name: 'Run-out',
  when: 'Pointer held still at the rim, one turn from the valve.',
  fields: [
    {
      key: 'runOut',
      many: true,
      label: 'Widest less narrowest',
      unit: 'mm',
      hint: 'sideways, then up and down: 0.8 0.4',
    },
    {
      key: 'brake',
      label: 'Brake',
      start: 'disc',
      choices: [
        { value: 'disc', label: 'Disc or hub' },
        { value: 'rim', label: 'Rim' },
      ],
    },
    {
      key: 'fresh',
      label: 'Wheel',
      start: 'used',
      choices: [
        { value: 'used', label: 'In use' },
        { value: 'fresh', label: 'New or just trued' },
      ],
    },
  ],
  caution: 'Never a fingertip near the spokes of a turning wheel.',
  reading: { measure: 'run-out', typed: (value) => value('runOut') },
  work: (given, policy) =>
    tell(
      runOutVerdict(
        given.numbers('runOut'),
        { rimBrake: given.text('brake') === 'rim', fresh: given.text('fresh') === 'fresh' },
        policy.limits,
      ),
      (verdict) =>
        judgedAnswer('run-out', [verdict], 'the greater of the two decides; the rim is read, not the tyre'),
    ),
};

export const spokes: Tool = {
  key: 'spokes',
  name: 'Spokes',
  when: 'One side round from the valve, by meter or by pitch.',
  fields: [
    { key: 'readings', many: true, label: 'Readings', hint: '98 102 97 …; 0 where there is no tension' },
    {
      key: 'method',
      label: 'By',
      start: 'meter',
      choices: [
        { value: 'meter', label: 'Meter' },
        { value: 'pitch', label: 'Pitch (Hz)' },
      ],
    },
    { key: 'floor', label: 'Least as marked', spare: true },
  ],
  reading: {
    measure: 'spokes',
    typed: (value) => `${value('readings')}${value('method') === 'pitch' ? ' Hz' : ''}`,
  },
  work: (given, policy) => {
    const pitch = given.text('method') === 'pitch';
    return tell(
      spokesVerdicts(
        {
          readings: given.numbers('readings'),
          method: pitch ? 'pitch' : 'meter',
          floor: given.maybe('floor'),
        },
        policy.limits,
      ),
      (answer) => {
        const off = answer.relative
          .map((value, at) => [at + 1, value] as const)
          .filter(([, value]) => Math.abs(value - 1) >= (policy.limits.spokeOff ?? 0.2) - 1e-9);
        const answered = judgedAnswer(
          'spokes',
          answer.verdicts,
          `${pitch ? '(pitch ÷ middle pitch)²' : 'reading ÷ middle reading'} of ${answer.relative.length} spokes`,
          off.map(([at, value]) => [`Spoke ${at} from the valve`, percent(value, 0)] as const),
        );
        const enough = pitch
          ? 'A pitch tells even from uneven, never whether the tension is enough.'
          : 'Without the wheel’s marked least nobody can say whether it is enough.';
        return answer.saysEnough
          ? answered
          : { ...answered, next: [answered.next, enough].filter(Boolean).join(' ') };
      },
    );
  },
};

export const bearing: Tool = {
  key: 'bearing',
  name: 'Bearing finder',
  when: 'Caliper on bore, outside and width.',
  fields: [
    { key: 'bore', label: 'Bore', unit: 'mm' },
    { key: 'outside', label: 'Outside', unit: 'mm' },
    { key: 'width', label: 'Width or height', unit: 'mm' },
  ],
  work: (given) =>
    tell(findBearings(given.number('bore'), given.number('outside'), given.number('width')), (found) => ({
      says: found[0] ? found[0].bearing.designation : 'None of the standard sizes: measure again',
      working: `within 0.15 mm in each measure, of ${BEARINGS.length} sizes`,
      next: found.some(({ bearing: each }) => each.kind === 'headset')
        ? 'Headset bearings: compare the angles of both faces before ordering.'
        : '',
      bad: found.length === 0,
      rows: found.map(
        ({ bearing: each, off }) =>
          [
            each.designation,
            `${each.bore} × ${each.outside} × ${each.width} mm, off by ${rounded(off)} mm in all`,
          ] as const,
      ),
    })),
};
