import type { Fault } from '@cadre/core/catalogue';
import type { Cause } from '@cadre/core/exposure';

/**
 * A second opinion on what can make a fault arise, read off nothing but the words a person reads: no fault is named here. The table the product goes by was
 * written fault by fault; where this reads more out of the words than that table says, one of the two is wrong and a test says so.
 */
const SAYS: readonly (readonly [RegExp, readonly Cause[]])[] = [
  // A hand, a lock left open, a thing taken away.
  [
    /\bmissing\b|(?<!mark |grooves )\bgone\b|\bleft open\b|\block (?:open|does not)|\bunlocked\b|\bpin\b|\bbuckle\b|\bcap\b|\bopen tube\b/,
    ['handling'],
  ],
  // A knock, by the bike beside it or on the floor.
  [
    /\bbent\b|\bcurled\b|\bdent\b|\bgouge\b|\bscratch\b|\bchip\b|\bblister\b|\bsnapped\b|\bkinked\b|\bcut\b|\bslash/,
    ['handling'],
  ],
  // Something turned or shifted out of its place.
  [
    /\bturns\b|\bslips\b|\bslides\b|\btaut\b|\bmark showing\b|\btouches the tyre\b|\bnear the spokes\b|\bover an end\b|\boff the line\b|\bto one side\b|\bdrops\b/,
    ['handling'],
  ],
  // Air, oil or charge that goes by itself.
  [
    /\bweeps?\b|\bleak|\bfluid\b|\boil past\b|\boil on\b|\bspongy\b|\bpumped\b|\bsinks?\b|\bcomes to the grip\b|\bdead\b|\bweak or\b|\bhigh or low\b/,
    ['hours'],
  ],
  // Rubber, steel and grease in store.
  [/\bperished\b|\brust|\bpitted\b|\bfrayed\b|\bbroken strand\b|\bfaded\b/, ['weather']],
  [/\bperished\b|\brust|\bbinds\b|\bnotchy\b|\bsticks on\b|\bstiff\b/, ['age']],
];

/** What the words of a fault say can make it arise. Riding can, always: nobody needs a word for that. */
export function causesByWords(fault: Pick<Fault, 'name'>): readonly Cause[] {
  const words = fault.name.toLowerCase();
  return [
    ...new Set<Cause>(['outing', ...SAYS.flatMap(([says, causes]) => (says.test(words) ? causes : []))]),
  ];
}
