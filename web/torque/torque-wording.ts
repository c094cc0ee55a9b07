import type { Joint } from '@cadre/core/fleet';
import type { JointCaution, StatedFigure, StatedOn } from '@cadre/core/torque';
import * as t from './messages';

/** A torque to set, to a hundredth and never rounded up: what is shown is never over what is stated. */
export const asSet = (newtonMetres: number): string => String(Math.floor(newtonMetres * 100 + 1e-6) / 100);

export const CAUTION_WORDS: Record<JointCaution, string> = {
  'left-thread': t.leftPedalHasLeft,
  'both-nuts': t.tightenBothNutsIn,
  'fully-threaded': t.startThreadHandAxle,
  'before-preload': t.loosenClampPreloadLightly,
  'even-gaps': t.keepGapsAboveBelow,
  carbon: t.carbonUseAssemblyPaste,
  'by-turns': t.tightenBoltsInTurns,
  hydraulics: t.holdBrakeLeverWhile,
  'off-rotor': t.offRotor,
  strands: t.strands,
  'maker-order': t.tightenInOrderMakers,
};

const ON_WORDS: Record<StatedOn, string> = {
  part: t.fittedPart,
  bike: t.thisBike,
  model: t.theModel,
  house: t.yourPolicy,
};
/** Joints two things have a say in are told by the thing. */
const OF_WORDS: Partial<Record<Joint, string>> = { 'stem-faceplate': t.stem, 'bar-clamp': t.bar };

/** One stated figure: what states it, and which way it bounds. */
export function statedWords(figure: StatedFigure, several: boolean): string {
  const of = several ? OF_WORDS[figure.joint] : undefined;
  const said = { part: of ? `${of}: ` : '', asSet: asSet(figure.value), on: ON_WORDS[figure.on] };
  return figure.end === 'least' ? t.partAtLeast(said) : t.partAtMost(said);
}

/** How the pull of a hand is told: in newtons, and as the weight it feels like. */
export const pullWords = (newtons: number): string =>
  t.newtonsNLikeLifting({ newtons: Math.round(newtons), newtons2: Math.max(1, Math.round(newtons / 9.81)) });
