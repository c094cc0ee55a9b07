import type { Joint } from '@cadre/core/fleet';
import type { JointCaution, StatedFigure, StatedOn } from '@cadre/core/torque';

/** A torque to set, to a hundredth and never rounded up: what is shown is never over what is stated. */
export const asSet = (newtonMetres: number): string => String(Math.floor(newtonMetres * 100 + 1e-6) / 100);

export const CAUTION_WORDS: Record<JointCaution, string> = {
  'left-thread':
    'The left pedal has a left thread: it tightens backwards. Some torque wrenches do not measure to the left.',
  'both-nuts':
    'Both nuts, turn about, keyed washers in; pull about 90 N at the wrench where no figure is marked.',
  'fully-threaded': 'Thread it home by hand first: it turns freely until it seats.',
  'before-preload': 'Loosen the clamp, preload lightly, align the bars, then torque.',
  'even-gaps': 'The gaps above and below stay even all the way.',
  carbon: 'Carbon: assembly paste and the maker’s figure, never more.',
  'by-turns': 'Bolts by turns, a little at a time.',
  hydraulics: 'Hold the lever while you tighten; no oil on pad or rotor.',
  'maker-order': 'In the order of the maker’s drawing, weight off the wheel.',
};

const ON_WORDS: Record<StatedOn, string> = {
  part: 'a part fitted here',
  bike: 'this bike',
  model: 'its model',
  house: 'this house',
};
/** Joints two things have a say in are told by the thing. */
const OF_WORDS: Partial<Record<Joint, string>> = { 'stem-faceplate': 'stem', 'bar-clamp': 'bar' };

/** One stated figure: what states it, and which way it bounds. */
export function statedWords(figure: StatedFigure, several: boolean): string {
  const of = several ? OF_WORDS[figure.joint] : undefined;
  return `${of ? `${of}: ` : ''}at ${figure.end} ${asSet(figure.value)} N m (${ON_WORDS[figure.on]})`;
}

/** How the pull of a hand is told: in newtons, and as the weight it feels like. */
export const pullWords = (newtons: number): string =>
  `${Math.round(newtons)} N, like lifting ${Math.max(1, Math.round(newtons / 9.81))} kg`;
