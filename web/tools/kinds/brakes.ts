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

const judged =
  (measure: Measure, working: string) =>
  (verdicts: readonly Verdict[]): ToolAnswer =>
    judgedAnswer(measure, verdicts, working);

export const pads: Tool = {
  key: 'pads',
  name: 'Disc pads',
  when: 'One figure a pad, with or without its plate.',
  fields: [
    { key: 'thickness', many: true, label: 'Thickness', unit: 'mm', hint: 'left and right: 3.4 3.1' },
    {
      key: 'method',
      label: 'Measured',
      start: 'total',
      choices: [
        { value: 'total', label: 'With its plate' },
        { value: 'compound', label: 'Compound alone' },
      ],
    },
    { key: 'plate', label: 'Plate as marked', unit: 'mm', spare: true },
    { key: 'totalMin', label: 'Least total as marked', unit: 'mm', spare: true },
  ],
  caution: 'Bare fingers off pads and rotor; a rotor is hot after a ride.',
  reading: { measure: 'disc-pad', typed: (value) => `${value('thickness')} ${value('method')}` },
  work: (given, policy) => {
    const total = given.text('method') === 'total';
    const marked = { plate: given.maybe('plate'), totalMin: given.maybe('totalMin') };
    const working =
      total && marked.totalMin === undefined
        ? `total − plate ${rounded(marked.plate ?? policy.limits.padPlate ?? 2)} mm = compound`
        : 'the thinner of the two decides';
    return tell(
      discPadVerdicts(given.numbers('thickness'), total ? 'total' : 'compound', marked, policy.limits),
      judged('disc-pad', working),
    );
  },
};

export const rotor: Tool = {
  key: 'rotor',
  name: 'Rotor',
  when: 'Three places or more on the worn track, not across its edge.',
  fields: [
    { key: 'places', many: true, label: 'Places', unit: 'mm', hint: '1.62 1.58 1.56' },
    { key: 'min', label: 'Least as marked', unit: 'mm', spare: true },
    { key: 'nominal', label: 'Thickness when new', unit: 'mm', spare: true },
  ],
  caution: 'Bare fingers off the track.',
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
        `least of ${given.numbers('places').length} places; widest difference ${rounded(Math.max(...given.numbers('places')) - Math.min(...given.numbers('places')))} mm`,
      ),
    ),
};

export const track: Tool = {
  key: 'track',
  name: 'Rim brake track',
  when: 'Straightedge across the track, feeler under it.',
  fields: [
    { key: 'hollow', label: 'Hollow', unit: 'mm' },
    {
      key: 'mark',
      label: 'Wear mark',
      start: 'there',
      choices: [
        { value: 'there', label: 'Still there' },
        { value: 'gone', label: 'Gone' },
        { value: 'none', label: 'Has none' },
      ],
    },
  ],
  caution: 'A worn rim can burst under braking. In doubt let the air down first.',
  reading: { measure: 'rim-track', typed: (value) => value('hollow') },
  work: (given, policy) => {
    const mark = given.text('mark');
    return tell(
      rimTrackVerdict(
        given.number('hollow'),
        mark === 'gone' || mark === 'none' ? mark : 'there',
        policy.limits,
      ),
      (verdict) => judged('rim-track', mark === 'gone' ? 'its wear mark is gone' : 'as measured')([verdict]),
    );
  },
};

export const lever: Tool = {
  key: 'lever',
  name: 'Brake lever',
  when: 'A few strokes first, then where it bites.',
  fields: [
    { key: 'bite', label: 'Bites after', unit: 'mm' },
    { key: 'travel', label: 'Free travel to the grip', unit: 'mm' },
  ],
  reading: { measure: 'lever-travel', typed: (value) => `${value('bite')}/${value('travel')}` },
  work: (given, policy) => {
    const share = leverShare(given.number('bite'), given.number('travel'));
    if (!share.ok) return tell(share, () => ({ says: '', working: '' }));
    return tell(leverVerdict(share.value, false, policy.limits), (verdict) =>
      judged(
        'lever-travel',
        `${given.text('bite')} ÷ ${given.text('travel')} = ${percent(share.value, 0)} of its travel`,
      )([verdict]),
    );
  },
};
