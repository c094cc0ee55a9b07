import { message } from '@cadre/web/platform/i18n';

// BikeBuild
export const accessories = message('Accessories');
export const build = message('Build');
export const editModel = message('Edit the model');
export const theModel = message('The model');
export const own = message('own');

// ClipboardHead
export const closeBike = message('Close this bike');

// BikeClipboard
export const startContinueCheckBike = message('Start or continue the check of this bike');
export const openBikeOnBench = message('Open this bike on the bench');
export const handOutTakeBack = message('Hand out or take back');
export const bikeTag = message('Bike {tag}');
export const startIncidentCheck = message('Start incident check');
export const continueCheck = message('Continue check');
export const startRideOut = message('Start ride-out');

// BikeFacts
export const model = message('Model');
export const modelNoModel = message('{model} (no model)');
export const size = message('Size');
export const notRecorded = message('not recorded');
export const serialNumber = message('Serial number');
export const bought = message('Bought');
export const warrantyUntil = message('Warranty until');
export const expired = message(', expired');
export const site = message('Site');

// BikeFit
export const fitList = message('Fit list');
export const torqueCard = message('Torque card');
export const noPartValuesEntered = message('No part values entered yet.');

// BikeFormView
export const someValuesMissingWrong = message('Some values are missing or wrong.');
export const correctFieldsMarkedBelow = message('Correct the fields marked below.');
export const editTag = message('Edit {tag}');
export const addBike = message('Add bike');
export const partValuesBikePart = message('Part values of this bike{part}');
export const usedInsteadItsModels = message(', used instead of its model’s');
export const bikeBuild = message('Bike build');
export const partFromNameLater = message(
  '{part} from {name}. A later change of the model does not change this.',
);
export const oneFieldDiffers = message('One field differs');
export const sizeFieldsDiffer = message('{size} fields differ');
export const save = message('Save');

// BikeIdentity
export const noModel = message('No model');
export const nameHookNumber = message('{name}, hook {number}');
export const onNoHook = message('On no hook');
export const bike = message('Bike');
export const tag = message('Tag');
export const shortLettersDigitsDashes = message('short: letters, digits, dashes');
export const modelName = message('Model name');
export const hook = message('Hook');

// BikePapers
export const printBikesRecord = message('Print the bike’s record');
export const warrantyQuery = message('Warranty query');
export const documents = message('Documents');

// BikeView
export const tagWithItsFindings = message('{tag}, with its findings');
export const bikeDoesNotExist = message('This bike does not exist.');
export const loadingBike = message('Loading the bike …');

// ClipboardActs
export const goBench = message('Go to bench');
export const coSignTraineesCheck = message('Co-sign the trainee’s check');
export const handOut = message('Hand out');
export const takeBack = message('Take back');
export const turnaround = message('Turnaround');
export const checkAgain = message('Check again');
export const bench = message('Bench');
export const edit = message('Edit');

// ClipboardPlace
export const bikeWhereabouts = message('This bike is {whereabouts}.');
export const partRackHookNumber = message('{part} {rack}, hook {number}.');
export const on = message('On');
export const goesBack = message('Goes back to');
export const noHookNearestFree = message('No hook. Nearest free hook: {rack}, hook {number}.');
export const moveHook = message('Move to this hook');
export const noHookNoFree = message('No hook, and no free hook at this site.');

// ClipboardReasons
export const reasons = message('Reasons');
export const whatDo = message('What to do:');
export const reasonsMore = message('{reasons} more');
export const checkedNoOpenFindings = message(
  'Checked, no open findings. Valid until the end of the day, or until the bike comes back.',
);

// views
export const newBike = message('New bike');
export const editBike = message('Edit bike');

// help bike
export const helpBikePurpose1 = message(
  'Everything about one bike: whether it may go out and why, its open findings, its checks, parts, wear and timeline.',
);
export const helpBikeTimeline = message('Timeline');
export const helpBikeTimelineMeans = message('What happened to the bike, newest first.');
export const nothingWord = message('nothing');
export const helpBikeService = message('Service');
export const helpBikeServiceMeans = message(
  'Work that comes round again. “Done” sets it back; a passed check or a repair counts too.',
);

export const startReturnCheck = message('Start the return check');
export const readReport = message('Read the report');
