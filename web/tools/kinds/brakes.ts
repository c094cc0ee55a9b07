import {
  discPadVerdicts,
  leverShare,
  leverVerdict,
  rimTrackVerdict,
  rotorVerdicts,
  type Measure,
  type Verdict,
} from '@cadre/core/measures';
import { judgedAnswer, percent, rounded, tell, type Tool, type ToolAnswer } from '../tool';
import * as t from '../messages';

const judged =
  (measure: Measure, working: string) =>
  (verdicts: readonly Verdict[]): ToolAnswer =>
    judgedAnswer(measure, verdicts, working);

export const pads: Tool = {
  key: 'pads',
  name: t.discPads,
  when: t.oneValueForEach,
  fields: [
    { key: 'thickness', many: true, label: t.thickness, unit: 'mm', hint: t.leftRight34 },
    {
      key: 'method',
      label: t.measured,
      start: 'total',
      choices: [
        { value: 'total', label: t.withPlate },
        { value: 'compound', label: t.compoundOnly },
      ],
    },
    { key: 'plate', label: t.plateThicknessAsMarked, unit: 'mm', spare: true },
    { key: 'totalMin', label: t.minimumTotalAsMarked, unit: 'mm', spare: true },
  ],
  caution: t.doNotTouchPads,
  reading: { measure: 'disc-pad', typed: (value) => `${value('thickness')} ${value('method')}` },
  work: (given, policy) => {
    const total = given.text('method') === 'total';
    const marked = { plate: given.maybe('plate'), totalMin: given.maybe('totalMin') };
    const working =
      total && marked.totalMin === undefined
        ? t.totalPlateRoundedMm({ rounded: rounded(marked.plate ?? policy.limits.padPlate ?? 2) })
        : t.thinnerPadCounts;
    return tell(
      discPadVerdicts(given.numbers('thickness'), total ? 'total' : 'compound', marked, policy.limits),
      judged('disc-pad', working),
    );
  },
};

export const rotor: Tool = {
  key: 'rotor',
  name: t.rotor,
  when: t.measureThreeMorePlaces,
  fields: [
    { key: 'places', many: true, label: t.places, unit: 'mm', hint: '1.62 1.58 1.56' },
    { key: 'min', label: t.minimumAsMarked, unit: 'mm', spare: true },
    { key: 'nominal', label: t.thicknessWhenNew, unit: 'mm', spare: true },
  ],
  caution: t.doNotTouchTrack,
  reading: { measure: 'rotor', typed: (value) => value('places') },
  work: (given, policy) =>
    tell(
      rotorVerdicts(
        given.numbers('places'),
        { min: given.maybe('min'), nominal: given.maybe('nominal') },
        policy.limits,
      ),
      judged(
        'rotor',
        t.smallestNumbersPlacesLargest({
          numbers: given.numbers('places').length,
          rounded: rounded(Math.max(...given.numbers('places')) - Math.min(...given.numbers('places'))),
        }),
      ),
    ),
};

export const track: Tool = {
  key: 'track',
  name: t.rimBrakeTrack,
  when: t.putStraightedgeAcrossTrack,
  fields: [
    { key: 'hollow', label: t.hollow, unit: 'mm' },
    {
      key: 'mark',
      label: t.wearMark,
      start: 'there',
      choices: [
        { value: 'there', label: t.stillVisible },
        { value: 'gone', label: t.gone },
        { value: 'none', label: t.noWearMark },
      ],
    },
  ],
  caution: t.wornRimCanBurst,
  reading: { measure: 'rim-track', typed: (value) => value('hollow') },
  work: (given, policy) => {
    const mark = given.text('mark');
    return tell(
      rimTrackVerdict(
        given.number('hollow'),
        mark === 'gone' || mark === 'none' ? mark : 'there',
        policy.limits,
      ),
      (verdict) => judged('rim-track', mark === 'gone' ? t.wearMarkGone : t.measuredValue)([verdict]),
    );
  },
};

export const lever: Tool = {
  key: 'lever',
  name: t.brakeLever,
  when: t.pullLeverFewTimes,
  fields: [
    { key: 'bite', label: t.bitesAfter, unit: 'mm' },
    { key: 'travel', label: t.freeTravelGrip, unit: 'mm' },
  ],
  reading: { measure: 'lever-travel', typed: (value) => `${value('bite')}/${value('travel')}` },
  work: (given, policy) => {
    const share = leverShare(given.number('bite'), given.number('travel'));
    if (!share.ok) return tell(share, () => ({ says: '', working: '' }));
    return tell(leverVerdict(share.value, false, policy.limits), (verdict) =>
      judged(
        'lever-travel',
        t.valueValue2PercentIts({
          value: given.text('bite'),
          value2: given.text('travel'),
          percent: percent(share.value, 0),
        }),
      )([verdict]),
    );
  },
};
