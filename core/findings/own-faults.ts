import type { Fault, PolicyVersion } from '@cadre/core/catalogue';
import { PAST_LIMIT, UNNAMED_FAULT } from './as-measured';
import { KEEPS_COMING_BACK } from './finding';

/** A problem nobody gave a name. */
export const UNNAMED: Fault = {
  key: UNNAMED_FAULT,
  name: 'Fault not named',
  floor: 'watch',
  doNext: 'Check again with a person who knows this part, and name the fault.',
};

/** A reading past a limit is as severe as the limit says: the fault itself adds nothing. */
export const PAST_ITS_LIMIT: Fault = {
  key: PAST_LIMIT,
  name: 'Past its limit',
  floor: 'watch',
  doNext: 'Follow the instructions of your program for this limit, or ask the lead.',
};

/** A place that is fixed on the spot again and again. */
export const recurringFault = (checkpoint: string, { times, days }: PolicyVersion['comingBack']): Fault => ({
  key: KEEPS_COMING_BACK,
  name: `Recurring: fixed on the spot ${times} times in ${days} days`,
  floor: 'soon',
  doNext: `Find the cause. A joint that works loose again and again has a fault (${checkpoint.toLowerCase()}).`,
});
