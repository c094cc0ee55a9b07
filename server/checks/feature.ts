import type { BikeFeature } from '@cadre/server/fitness';
import { draftStopFacts } from './draft-stops';
import { bikeDisturbedEntity, checkEntity, markEntity, markedStopEntity } from './entities';
import { verifyMarks } from './mark-digest';
import { verifyProofs } from './verify-proofs';
import { checkProjections, checksListen, type CheckEvents } from './events';
import { signedFacts } from './validity';

/** A check in which all was sound changes nothing but that it was signed. */
const changedBySigning = ({ findings, settles = [] }: CheckEvents['check.signed']): readonly string[] => [
  'signed',
  ...(findings.length > 0 ? ['findings'] : []),
  ...(settles.length > 0 ? ['draftStops'] : []),
];

export const checksFeature: BikeFeature = {
  name: 'checks',
  projected: [markedStopEntity, bikeDisturbedEntity, checkEntity],
  tables: [markEntity],
  appendOnly: ['mark'],
  projections: checkProjections,
  may: {
    'check.opened': 'mark',
    'check.marked': 'mark',
    'check.signed': 'sign',
    'check.amended': 'sign',
    'check.co-signed': 'co-sign',
  },
  listens: checksListen,
  facts: [draftStopFacts, signedFacts],
  changes: {
    // A check that was begun says nothing yet.
    'check.opened': [],
    // The commonest act of all can change nothing but the stops of the check it was given in, and the hold that is there for them alone.
    'check.marked': (_before, body) =>
      (body as CheckEvents['check.marked']).stops ? ['draftStops', 'holds'] : [],
    'check.signed': ({ repairs, incidents = [], returnCheck }, body) => [
      'services',
      ...changedBySigning(body as CheckEvents['check.signed']),
      ...(repairs.length > 0 ? ['repairs'] : []),
      ...(incidents.length > 0 ? ['incidents'] : []),
      ...(returnCheck ? ['returns'] : []),
    ],
  },
  quiet: ['check.opened', 'check.marked', 'check.abandoned'],
  verifiers: { marks: verifyMarks, proofs: verifyProofs },
};
