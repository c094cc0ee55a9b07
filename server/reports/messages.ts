import { message } from '@cadre/server/platform/messages';

export const readyToRide = message('Ready to ride');
export const readyToRideMore = message('This bike passed its check. Test both brakes before you ride.');
export const notChecked = message('Not checked yet');
export const notCheckedMore = message('Ask staff before you ride this bike.');
export const doNotRide = message('Do not ride');
export const doNotRideMore = message('This bike is held for repair. Give it to staff.');
export const reportProblem = message('Report a problem');
export const trailHelp = message('Trail help');
export const trailHelpFirst = message(
  'Stop where others can see you. If the brakes or the steering are in doubt, walk. Your guide and the rules of the place come first.',
);
export const reportAndHold = message('Report it. This bike must be checked');
export const fromTrailHelp = message('Trail help: {name}');
export const reportWaits = message(
  'No connection. The report is saved on this phone and is sent when there is one. Walk or ride as the card says.',
);
export const reportSent = message('The report was sent. The bike is held until a mechanic has checked it.');
export const whereIsProblem = message('Where is the problem?');
export const touchPlace = message('Touch the place on the drawing, or choose it from the list.');
export const notSureWhere = message('I am not sure, or it crashed');
export const whatIsWrong = message('What is wrong?');
export const whatIsWrongAt = message('What is wrong: {place}');
export const canYouRide = message('Can you keep riding?');
export const problemIs = message('{place}: {fault}');
export const stillRiding = message('Yes, I can keep riding');
export const standing = message('No, the bike cannot go on');
export const photo = message('Photo, if it helps');
export const note = message('Anything else?');
export const yourName = message('Your name, if you like');
export const nameKept = message(
  'Staff can then ask you. The name is removed after {days, plural, one {# day} other {# days}}.',
);
export const leaveEmpty = message('Leave this empty');
export const back = message('Back');
export const thankYou = message('Thank you. Your report has arrived.');
export const heldNow = message('Do not ride this bike any more. Staff will look at it.');
export const notHeldNow = message(
  'Staff will look at the bike when it is back. Stop at once if it gets worse.',
);
export const queuedNow = message(
  'Many reports are arriving. Yours is stored and is read in turn. Tell a member of staff as well if the bike is unsafe.',
);
export const photoLeftOut = message(
  'The photo was too large or could not be read. The report has arrived without it.',
);
export const photoNotTaken = message('The photo could not be taken now. The report has arrived without it.');
export const notValid = message('This code is not valid');
export const notValidMore = message('Ask staff before you ride this bike.');
export const bikeSize = message('{kind}, size {size}');
export const drawingOf = message('Drawing of the bike');
export const formWrong = message('Choose a place and what is wrong, then send the report again.');
export const toReport = message('Start the report again');

export const kindChild = message('Child’s bike');
export const kindHybrid = message('Hybrid');
export const kindHardtail = message('Hardtail');
export const kindFullSuspension = message('Full-suspension bike');
export const kindStepThrough = message('Step-through bike');
export const kindCargo = message('Cargo bike');
export const kindTrike = message('Recumbent trike');

export const frontWheel = message('Front wheel');
export const frontBrake = message('Front brake');
export const fork = message('Fork and steering');
export const handlebar = message('Handlebar and levers');
export const frame = message('Frame');
export const rearSuspension = message('Rear suspension');
export const pedals = message('Pedals and cranks');
export const gears = message('Chain and gears');
export const saddle = message('Saddle');
export const rearBrake = message('Rear brake');
export const rearWheel = message('Rear wheel');
export const motor = message('Motor and battery');
export const accessories = message('Lights, bell and carriers');
export const somewhere = message('Not sure where');

export const weak = message('Weak');
export const rubs = message('Rubs or squeals');
export const loose = message('Loose');
export const stiff = message('Stiff or stuck');
export const bent = message('Bent or broken');
export const cracked = message('Cracked');
export const flat = message('Flat tyre');
export const noisy = message('Makes a noise');
export const slips = message('Slips');
export const chainOff = message('Chain came off');
export const shiftsBadly = message('Does not change gear well');
export const tooLow = message('Wrong height');
export const stops = message('Cuts out');
export const hot = message('Hot, or smells');
export const childSeat = message('Child seat');
export const trailerHitch = message('Trailer or hitch');
export const light = message('Light');
export const bell = message('Bell');
export const crashed = message('It crashed');
export const other = message('Something else');
export const reportNotAccepted = message(
  'The report was not accepted: this label is not valid any more. Please tell the desk.',
);
