// Texts of web/guides, in ICU message format: {name} is filled in, plurals count.
import { message } from '@cadre/web/platform/i18n';

export const repairGuides = message('Repair guides');
export const guidesFor = message('Repair guides for {tag}');
export const makerFirst = message(
  'The maker’s instructions come first. If you are not sure, ask a qualified mechanic.',
);
export const search = message('Which job?');
export const noGuide = message('No guide matches. Follow the maker’s instructions.');
export const stepsMinutes = message('{steps} steps · about {minutes} min');
export const toolsNeeded = message('Tools: {tools}');
export const stepDone = message('Step {number} done');
export const torqueIs = message('{joint}: {value} N m');
export const torqueUnknown = message('{joint}: no torque on the card. Read it on the part.');
export const figureOf = message('{tag}, place of the job');
export const toBench = message('Open at the bench');
export const torqueCard = message('Torque card');
export const recheckAfter = message('Recheck after this job');
export const recheckFinding = message('The failed question is rechecked.');
export const allGuides = message('All guides');
export const helpPurpose = message(
  'Steps for common jobs, with tools, torque and cautions. Tick each step when it is done.',
);
export const helpNoRelease = message(
  'A guide records nothing. Finish the repair at the bench, then another person rechecks.',
);
export const recheck = message('Recheck');
export const helpRecheck = message('After a repair: the failed question and those the work touched.');
export const noneForThis = message('No guide is for this checkpoint alone. These fit the bike.');
