import { message } from '@cadre/web/platform/i18n';

// DayPlanView
export const dayPlan = message('Day plan');
export const site = message('Site');
export const makePlan = message('Plan the day');
export const planAgain = message('Plan again');
export const planning = message('Planning…');
export const noPlanYet = message('No plan for today yet. Say who is here, then plan the day.');
export const noPlanNobody = message('No plan for today yet.');
export const offlineMayBeOld = message('Offline: the plan may be old.');
export const loading = message('Loading…');
export const whoIsHere = message('Who is here');
export const whoIsHereNow = message('Who is here: {names}');
export const until = message('until');
export const untilOf = message('{name} is here until');
export const nobodyHere = message('Choose at least one person.');
export const groupsMet = message('{met} of {needed} bikes for today’s groups');
export const noGroups = message('No group goes out any more today.');
export const allMet = message('Every group gets its bikes.');
export const provenBest = message('No better plan is possible.');
export const atMostBehind = message('At most {percent} % below the best possible.');
export const madeQuickly = message(
  'Made the quick way, as the solver was not at hand. Plan again when online for a better one.',
);
export const madeBy = message('Planned by {name}, {time}');

// PlanPerson
export const you = message('You');
export const leftOf = message('{left, plural, =0 {all done} one {# bike left} other {# bikes left}}');
export const throughBy = message('done by {time}');
export const nothingToDo = message('Nothing to do.');
export const startNext = message('Start {tag}');
export const afterThat = message('If there is time');

// PlanItem
export const check = message('Check');
export const repair = message('Repair');
export const minutes = message('{minutes} min');
export const readyBy = message('ready {time}');
export const forGroup = message('for {group}');
export const done = message('Done');
export const inHand = message('In hand');
export const heldNow = message('Held: fault found');
export const away = message('Not here');
export const byHand = message('given by hand');
export const giveTo = message('Give {tag} to');
export const giveToOther = message('Give to');
export const given = message('{tag} is given to {name}.');

// Unmet
export const goesShort = message('{group}, {time}: {short} short');
export const becauseNoBike = message('There are not enough such bikes here.');
export const becauseNobody = message('Nobody who is here may do the repairs.');
export const becauseNoTime = message('Not enough time before it leaves.');
export const helpNoBike = message('Change the group, or move bikes here.');
export const helpNobody = message('Add a mechanic above.');
export const helpNoTime = message('Add a person above, or start earlier.');

// help
export const helpDayPlan = message(
  'Who checks and repairs which bikes today, so that the groups get theirs. Everyone sees the same plan.',
);
export const helpAgain = message('Plan again');
export const helpAgainMeans = message(
  'What is done or in hand stays, and what was given by hand. The rest is planned from now on.',
);
