/**
 * Where good mechanics differ: each question with the ways it is done. The first is the way Cadre ships with. What each
 * side says for itself is prose, in core/shipped.
 */
export const SCHOOLS = {
  chainLimit: ['by-gearing', 'early', 'ruler'],
  torque: ['stated', 'ten-under', 'witness'],
  boltCheck: ['feel', 'nip', 'torque-all'],
  leverClamp: ['full', 'just-firm'],
  pressure: ['house', 'window', 'calculated'],
  sealantEvery: ['three-months', 'half-year'],
  sealantLook: ['dipstick', 'shake', 'inside'],
  newChain: ['keep-grease', 'strip'],
  chainLube: ['every-outing', 'by-distance', 'after-wet'],
  lubeKind: ['oil', 'wax'],
  sidewallSlash: ['replace', 'stitch'],
  roughHub: ['bearings', 'cones', 'replace'],
  padsBeforeEvent: ['keep', 'new'],
  degreasing: ['on-bike', 'tank'],
  cleaning: ['clean-first', 'wash-looks'],
} as const;
export type SchoolQuestion = keyof typeof SCHOOLS;
export const SCHOOL_QUESTIONS = Object.keys(SCHOOLS) as readonly SchoolQuestion[];

export type Schools = { readonly [Q in SchoolQuestion]: (typeof SCHOOLS)[Q][number] };

export const DEFAULT_SCHOOLS = Object.fromEntries(
  SCHOOL_QUESTIONS.map((question) => [question, SCHOOLS[question][0]]),
) as unknown as Schools;

export function isSchoolQuestion(word: string): word is SchoolQuestion {
  return word in SCHOOLS;
}
