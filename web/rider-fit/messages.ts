// Texts of web/rider-fit, in ICU message format: {name} is filled in, plurals count.
import { message } from '@cadre/web/platform/i18n';

export const riderFit = message('Rider fit');
export const loading = message('Loading …');
export const mass = message('Rider, kg');
export const luggage = message('Luggage, kg');
export const height = message('Height, cm');
export const inseam = message('Inseam, cm');
export const surface = message('Surface');
export const hard = message('Road');
export const gravel = message('Gravel');
export const trail = message('Trail');
export const enterMass = message('Enter the mass of the rider, and the height or the inseam.');
export const outOfRange = message('Enter {least} to {most} {unit}.');
export const notANumber = message('Enter a number.');
export const bikesThatFit = message(
  '{count, plural, =0 {No bike fits} one {# bike fits} other {# bikes fit}}',
);
export const notOffered = message(
  '{count, plural, one {# bike is not offered} other {# bikes are not offered}}',
);
export const noneReady = message('No bike that can go out fits this rider. See why below.');
export const slipFor = message('Set {tag} for this rider');
export const chooseBike = message('Choose a bike to see how to set it.');
export const frontTyre = message('Front tyre');
export const rearTyre = message('Rear tyre');
export const fork = message('Fork');
export const shock = message('Shock');
export const saddleHeight = message('Saddle height');
export const barAndPsi = message('{bar} bar ({psi} psi)');
export const calculated = message('calculated for this rider');
export const usual = message('your usual pressure for this kind of bike');
export const heldByMarking = message('held at the marked limit');
export const noPressure = message('The markings leave no safe pressure. Ask the maker.');
export const fromTable = message('from its pressure table');
export const fromLast = message('from the sag measured last');
export const measureSag = message('No table on the fit list. Set the sag with the rider on the bike.');
export const saddleMm = message('{mm} mm');
export const saddleFrom = message(
  'from the middle of the bottom bracket to the top of the saddle, along the tube',
);
export const saddleMark = message('mark {mark} on the post');
export const saddleEstimated = message(
  'The inseam is estimated from the height. Measure it for a better start.',
);
export const saddleAtLowest = message('This is the lowest the post goes.');
export const saddleUnknown = message('Enter the height or the inseam.');
export const insertMark = message('The minimum-insert mark must not show.');
export const childSaddle = message('Set the saddle so that both balls of the feet reach the ground.');
export const startingPoint = message('Starting point');
export const startingPoints = message('These are starting points. Let the rider try the bike and adjust it.');
export const print = message('Print');
export const tooHeavyLoad = message('{kg} kg with luggage, limit {most} kg');
export const tooHeavyTotal = message('{kg} kg with the bike, limit {most} kg');
export const tooShort = message('for riders from {cm} cm');
export const tooTall = message('for riders up to {cm} cm');
export const frameTooSmall = message('frame too small: the minimum-insert mark would show');
export const frameTooLarge = message('frame too large: the saddle does not go low enough');
export const helpFit = message('Finds the bikes that fit a rider and says how to set one.');
export const helpNotStored = message('Nothing about the rider is stored.');
export const helpInseam = message(
  'From the floor to the crotch, without shoes, a book held up tight between the legs.',
);
export const helpStart = message(
  'A figure to begin with. What the rider feels and what the parts are marked with decide.',
);
