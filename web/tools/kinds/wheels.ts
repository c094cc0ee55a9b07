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
import * as t from '../messages';

const bar = (kpa: number): string => t.roundedBar({ rounded: rounded(kpa / 100) });
const kpa = (value: number | undefined): number | undefined =>
  value === undefined ? undefined : value * 100;

export const tyre: Tool = {
  key: 'tyre',
  name: t.tyrePressure,
  when: t.minimumMaximumStartingPressure,
  fields: [
    { key: 'mass', label: t.riderBikeBags, unit: 'kg' },
    {
      key: 'end',
      label: t.wheel,
      start: 'rear',
      choices: [
        { value: 'front', label: t.front },
        { value: 'rear', label: t.rear },
      ],
    },
    { key: 'width', label: t.tyreWidth, unit: 'mm' },
    { key: 'sidewallMin', label: t.sidewallMinimum, unit: 'bar', spare: true },
    { key: 'sidewallMax', label: t.sidewallMaximum, unit: 'bar', spare: true },
    { key: 'rimMax', label: t.rimMaximum, unit: 'bar', spare: true },
    {
      key: 'surface',
      label: t.surface,
      start: 'hard',
      choices: SURFACES.map((value) => ({
        value,
        label: { hard: t.hard, gravel: t.gravel, trail: t.trail }[value],
      })),
    },
    {
      key: 'wet',
      label: t.ground,
      start: 'dry',
      choices: [
        { value: 'dry', label: t.dry },
        { value: 'wet', label: t.wet },
      ],
    },
    {
      key: 'tube',
      label: t.fitted,
      start: 'tube',
      choices: [
        { value: 'tube', label: t.tube },
        { value: 'tubeless', label: t.tubeless },
      ],
    },
  ],
  caution: t.startingPressureForAdults,
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
    const ends = `${window.floor === null ? t.noMinimumKnown : t.fromBar({ bar: bar(window.floor) })}, ${window.ceiling === null ? t.noMaximumKnown : t.upBar({ bar: bar(window.ceiling) })}`;
    return tell(tyreStart(given.number('mass'), share, width, ride, window), (start) => ({
      says: t.startBarPart({
        bar: bar(start.pressure),
        part: start.held ? t.limitedItsPart({ part: start.held === 'floor' ? t.minimum : t.maximum }) : '',
      }),
      working: t.valueKgShareRounded({
        value: given.text('mass'),
        share,
        rounded: rounded(start.load, 1),
        value2: given.text('width'),
        bar: bar(start.calculated),
      }),
      rows: [
        [t.limits, ends],
        [t.inPsi, rounded(convert(start.pressure, 'kPa', 'psi'), 1)],
      ],
    }));
  },
};

export const leakTool: Tool = {
  key: 'leak',
  name: t.leak,
  when: t.twoPressureReadingsSome,
  fields: [
    { key: 'before', label: t.firstPressure, unit: 'bar' },
    { key: 'after', label: t.secondPressure, unit: 'bar' },
    { key: 'hours', label: t.hoursBetween, unit: 'h' },
    { key: 'floor', label: t.minimumPressure, unit: 'bar', spare: true },
    { key: 'nextLook', label: t.nextCheckIn, unit: 'h', start: '24', spare: true },
    { key: 'warmthBefore', label: t.temperatureFirstReading, unit: '°C', spare: true },
    { key: 'warmthAfter', label: t.temperatureSecondReading, unit: '°C', spare: true },
    { key: 'altitude', label: t.altitude, unit: 'm', start: '0', spare: true },
  ],
  caution: t.useSameGoodGauge,
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
            ? t.noResultYetMeasure
            : t.noResultYetChange
          : answer.outcome === 'fail'
            ? answer.because === 'floor'
              ? t.belowItsMinimumBefore
              : t.losesPercentDayFix({ percent: percent(answer.perDay, 1) })
            : t.holdsPressureLossPercent({ percent: percent(Math.max(0, answer.perDay), 1) }),
      bad: answer.outcome === 'fail',
      working: t.roundedRounded2RoundedRounded3({
        rounded: rounded(input.before, 0),
        rounded2: rounded(answer.corrected, 1),
        rounded3: rounded(input.hours / 24),
        percent: percent(answer.perDay),
        percent2: percent(answer.perDayLeast, 1),
        percent3: percent(answer.perDayMost, 1),
      }),
      ...(answer.hoursToFloor === null
        ? {}
        : { rows: [[t.timeUntilMinimum, `${rounded(answer.hoursToFloor, 0)} h`]] as const }),
    }));
  },
};

export const runOut: Tool = {
  key: 'run-out',
  name: t.runOutTool,
  when: t.holdPointerStillRim,
  fields: [
    {
      key: 'runOut',
      many: true,
      label: t.largestMinusSmallest,
      unit: 'mm',
      hint: t.sidewaysThenUpDown,
    },
    {
      key: 'brake',
      label: t.brake,
      start: 'disc',
      choices: [
        { value: 'disc', label: t.discHub },
        { value: 'rim', label: t.rim },
      ],
    },
    {
      key: 'fresh',
      label: t.wheel,
      start: 'used',
      choices: [
        { value: 'used', label: t.inUse },
        { value: 'fresh', label: t.newJustTrued },
      ],
    },
  ],
  caution: t.neverPutFingerNear,
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
  name: t.spokes,
  when: t.oneSideInOrder,
  fields: [
    { key: 'readings', many: true, label: t.readings, hint: t.n98102970 },
    {
      key: 'method',
      label: t.method,
      start: 'meter',
      choices: [
        { value: 'meter', label: t.meter },
        { value: 'pitch', label: t.pitchHz },
      ],
    },
    { key: 'floor', label: t.minimumAsMarked, spare: true },
  ],
  reading: {
    measure: 'spokes',
    typed: (value) => `${value('readings')}${value('method') === 'pitch' ? t.hz : ''}`,
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
          t.partSpoke({
            part: pitch ? t.pitchMiddlePitch : t.readingMiddleReading,
            relative: answer.relative.length,
          }),
          off.map(([at, value]) => [t.spokeFromValve({ at }), percent(value, 0)] as const),
        );
        const enough = pitch ? t.pitchShowsWhetherSpokes : t.withoutWheelsMarkedMinimum;
        return answer.saysEnough
          ? answered
          : { ...answered, next: [answered.next, enough].filter(Boolean).join(' ') };
      },
    );
  },
};

export const bearing: Tool = {
  key: 'bearing',
  name: t.bearingFinder,
  when: t.measureInnerDiameterOuter,
  fields: [
    { key: 'bore', label: t.innerDiameter, unit: 'mm' },
    { key: 'outside', label: t.outerDiameter, unit: 'mm' },
    { key: 'width', label: t.widthHeight, unit: 'mm' },
  ],
  work: (given) =>
    tell(findBearings(given.number('bore'), given.number('outside'), given.number('width')), (found) => ({
      says: found[0] ? found[0].bearing.designation : t.notStandardSizeMeasure,
      working: t.within015Mm({ bearings: BEARINGS.length }),
      next: found.some(({ bearing: each }) => each.kind === 'headset') ? t.headsetBearingsCompareAngles : '',
      bad: found.length === 0,
      rows: found.map(
        ({ bearing: each, off }) =>
          [
            each.designation,
            t.boreOutsideWidthMm({
              bore: each.bore,
              outside: each.outside,
              width: each.width,
              rounded: rounded(off),
            }),
          ] as const,
      ),
    })),
};
