import { message } from '@cadre/web/platform/i18n';

// BikeBuild
export const carries = message('Carries');
export const build = message('Build');
export const editModel = message('Edit the model');
export const theModel = message('The model');
export const own = message('own');

// BikeClipboard
export const startGoOnWith = message('Start or go on with the check of the bike in hand');
export const openOnBench = message('Open it on the bench');
export const handOutTakeBack = message('Hand it out or take it back');
export const inHandTag = message('In hand: {tag}');
export const checkAfterIncident = message('Check after the incident');
export const continueCheck = message('Continue check');
export const startRideOut = message('Start ride-out');

// BikeFacts
export const model = message('Model');
export const modelNoModel = message('{model} (of no model)');
export const size = message('Size');
export const notSaid = message('not said');
export const serialNumber = message('Serial number');
export const bought = message('Bought');
export const warrantyUntil = message('Warranty until');
export const over = message(', over');
export const site = message('Site');

// BikeFit
export const fitList = message('Fit list');
export const torqueCard = message('Torque card');
export const nothingStatedItsParts = message('Nothing is stated of its parts yet.');

// BikeFormView
export const somethingNotFilledIn = message('Something is not filled in right.');
export const seeFieldsMarkedBelow = message('See the fields marked below.');
export const editTag = message('Edit {tag}');
export const addBike = message('Add a bike');
export const whatBikeStatesIts = message('What this bike states of its parts{part}');
export const overItsModel = message(', over its model');
export const bikeAsBuilt = message('The bike as built');
export const partFromNameChange = message('{part} from {name}: a change of the model leaves them alone.');
export const oneFieldDiffers = message('One field differs');
export const sizeFieldsDiffer = message('{size} fields differ');
export const save = message('Save');
export const addBike2 = message('Add this bike');

// BikeIdentity
export const noModel = message('Of no model');
export const nameHookNumber = message('{name}, hook {number}');
export const onNoHook = message('On no hook');
export const theBike = message('The bike');
export const tag = message('Tag');
export const shortLettersDigitsDashes = message('Short: letters, digits, dashes');
export const modelName = message('Model name');
export const hook = message('Hook');

// BikePapers
export const printItsRecord = message('Print its record');
export const questionMaker = message('Question to the maker');
export const papers = message('Papers');

// BikeView
export const bikeTag = message('Bike {tag}');
export const tagWithWhatFound = message('{tag}, with what is found on it');
export const bike = message('Bike');
export const thereNoSuchBike = message('There is no such bike here.');
export const fetchingBike = message('Fetching the bike …');

// ClipboardActs
export const toTheBench = message('To the bench');
export const coSignTraineesCheck = message('Co-sign the trainee’s check');
export const handOut = message('Hand out');
export const takeBack = message('Take back');
export const turnaround = message('Turnaround');
export const checkAgain = message('Check again');
export const bench = message('Bench');
export const edit = message('Edit');

// ClipboardPlace
export const itIsWhereabouts = message('It is {whereabouts}.');
export const partRackHookNumber = message('{part} {rack}, hook {number}.');
export const hangsOn = message('Hangs on');
export const goesBackOn = message('Goes back on');
export const onNoHookNearest = message('On no hook. Nearest free: {rack}, hook {number}.');
export const hangThere = message('Hang it there');
export const onNoHookNone = message('On no hook, and none is free here.');

// ClipboardReasons
export const reasons = message('Reasons');
export const endsWith = message('Ends with:');
export const reasonsMore = message('{reasons} more');
export const lookedOverNothingOpen = message(
  'Looked over, nothing open. Counts until the end of the day, or until it comes back.',
);

// views
export const newBike = message('New bike');
export const editBike = message('Edit bike');
