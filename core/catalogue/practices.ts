/**
 * Where good mechanics differ: each question with the ways it is done. The first is the way Cadre ships with. What each
 * side says for itself is prose, in core/shipped.
 */
export const PRACTICES = {
  chainLimit: ['by-gearing', 'early', 'ruler', 'three-quarters'],
  wheelRunOut: ['by-brake', 'one-mm'],
  sag: ['house', 'park'],
  torque: ['stated', 'ten-under', 'witness'],
  boltCheck: ['feel', 'nip', 'torque-all'],
  leverClamp: ['full', 'just-firm'],
  pressure: ['house', 'window', 'calculated'],
  winterPressure: ['as-summer', 'lower'],
  quickRelease: ['palm', 'turns', 'wrench'],
  looseSpoke: ['mechanic', 'nip'],
  sealantEvery: ['three-months', 'half-year'],
  sealantLook: ['dipstick', 'shake', 'inside'],
  newChain: ['keep-grease', 'strip'],
  chainLube: ['by-distance', 'every-outing', 'after-wet'],
  lubeKind: ['oil', 'wax'],
  chainOiled: ['after-gears', 'before-gears'],
  sidewallSlash: ['replace', 'stitch'],
  axleThreads: ['grease', 'anti-seize'],
  roughHub: ['bearings', 'cones', 'replace'],
  headset: ['regreased', 'bearings', 'whole'],
  oilyPads: ['scrap', 'sand'],
  padsBeforeEvent: ['keep', 'new'],
  postFreed: ['quarter', 'spring'],
  forkLowers: ['half-year', 'before-events'],
  fullTune: ['yearly', 'season'],
  degreasing: ['on-bike', 'tank'],
  cleaning: ['clean-first', 'wash-looks'],
} as const;
export type PracticeQuestion = keyof typeof PRACTICES;
export const PRACTICE_QUESTIONS = Object.keys(PRACTICES) as readonly PracticeQuestion[];

export type Practices = { readonly [Q in PracticeQuestion]: (typeof PRACTICES)[Q][number] };

export const DEFAULT_PRACTICES = Object.fromEntries(
  PRACTICE_QUESTIONS.map((question) => [question, PRACTICES[question][0]]),
) as unknown as Practices;

export function isPracticeQuestion(word: string): word is PracticeQuestion {
  return word in PRACTICES;
}
