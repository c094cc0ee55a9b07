import { message } from '@cadre/web/platform/i18n';

// CampaignsView
export const campaigns = message('Campaigns');
export const planCampaign = message('Plan a campaign');
export const noCampaigns = message('None running.');
export const noCampaignsMayPlan = message(
  'None running. Plan one to get a whole fleet done by a day, such as the start of the season.',
);
export const loading = message('Loading campaigns…');
export const offlineMayBeOld = message('Offline: what is shown may be old.');

// CampaignForm
export const name = message('Name');
export const usualName = message('Season opening');
export const checklist = message('Checklist');
export const lastDay = message('Done by');
export const site = message('Site');
export const stands = message('Work stands');
export const standHours = message('Hours a day at each');
export const people = message('People');
export const hoursADay = message('hours a day');
export const hoursOf = message('Hours a day of {name}');
export const partsOnOrder = message('Parts on order');
export const partsOnOrderSays = message('A bike is not planned before its parts are here.');
export const partsTags = message('Bikes that wait');
export const partsDay = message('Parts come on');
export const addParts = message('Add a delivery');
export const removeParts = message('Remove delivery {number}');
export const minutesEach = message('About {total} hours of work in all, by the checklist.');
export const enterName = message('Enter a name.');
export const enterDay = message('Enter the last day.');
export const dayInPast = message('This day is in the past.');
export const noOpenDay = message('The site is closed on every day until then.');
export const enterStands = message('Enter the number of stands, 1 to 50.');
export const enterHours = message('Enter the hours, more than 0 and at most 24.');
export const nobody = message('Choose at least one person.');
export const noBikes = message('Choose at least one bike.');
export const tooManyBikes = message('A campaign can have up to 500 bikes. This one has {bikes}.');
export const notInCampaign = message('Not among the bikes above: {unknown}.');
export const enterPartsDay = message('Enter the day the parts come.');
export const notSaved = message('Not planned yet. {values}');
export const cancel = message('Cancel');
export const planIt = message('Plan it');
export const planning = message('Planning…');

// CampaignBoard
export const byDay = message('by {day}');
export const doneOf = message('{done} of {of} done');
export const busiestDay = message('Busiest day: {hours} h');
export const provenBest = message('The work cannot be spread more evenly.');
export const quickPlan = message(
  'Made the quick way, as the solver was not at hand. Plan again when online for a better one.',
);
export const planAgain = message('Plan again');
export const end = message('End');
export const endSure = message('End {name}? What is not done is no longer planned.');
export const endYes = message('Yes, end it');
export const keepIt = message('Keep it');
export const moved = message(
  '{tag} moved to {day}. {others, plural, =0 {} one {# other bike moved.} other {# other bikes moved.}}',
);
export const plannedAgain = message(
  'Planned again. {others, plural, =0 {Nothing moved.} one {# bike moved.} other {# bikes moved.}}',
);
export const slips = message(
  '{bikes, plural, one {# bike will not be done} other {# bikes will not be done}} by {day}',
);
export const doneByThen = message('With the same people it would be done by {day}.');
export const moreDaysNoHelp = message('More days alone do not help.');
export const unkept = message(
  '{tag} could not stay on {day}: that person is away or the day is full. It was planned elsewhere.',
);
export const overdue = message('Not done yet');
export const overdueSays = message('These were planned for days that are over. Plan again.');

// why it slips
export const becauseNobody = message('Nobody is here on any of the days.');
export const becauseParts = message('The parts come after the last day.');
export const becauseTooLong = message('It takes longer than anyone has in a day. Give a person more hours.');
export const becauseNoRoom = message('The hours run out. Add hours, people, stands or days.');

// CampaignDay
export const hoursOn = message('{hours} h');
export const todayWord = message('today');
export const closedWord = message('closed');
export const nothing = message('Free');
export const fixedHere = message('pinned');
export const doneWord = message('done');

// CampaignBike
export const bikeOn = message('{tag}: {day}, {name}');
export const takes = message('takes about {minutes} min');
export const partsFrom = message('parts from {day}');
export const day = message('Day');
export const person = message('Person');
export const moveIt = message('Pin to this day');
export const letGo = message('Unpin');
export const openBike = message('Start the check');
export const close = message('Close');
export const cannotGo = message('{tag} cannot go there.');
export const cannotGoTodo = message(
  'That person is away, has no hours left, or its parts come later. Choose another day.',
);

// CampaignPeople
export const crewTitle = message('People and days away');
export const whoIsAway = message('Who is away');
export const awayFrom = message('from');
export const awayUntil = message('until');
export const hereAgain = message('{name} is here again');
export const hoursEachDay = message('{hours} h a day');
export const fromTo = message('{from} to {to}');
export const awayOn = message('Away: {days}');
export const saveAndPlan = message('Save and plan again');

// help
export const helpCampaigns = message(
  'A whole fleet done by a day: which bike on which day by whom, spread evenly. A bike is done when its check is signed.',
);
export const helpFixed = message('Pinned');
export const helpFixedMeans = message(
  'A bike you put on a day stays there when the rest is planned again. Drag it, or choose it and enter a day.',
);
