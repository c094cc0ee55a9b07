import { message } from '@cadre/web/platform/i18n';

// BoltPattern
export const oneBolt = message('One bolt');
export const boltsBoltsTightenEach = message('{bolts} bolts: tighten each opposite the one before');

// PolicyTorque
export const yourMaximumTorque = message('Your maximum torque');
export const keysJointsSet = message('{keys} of {joints} set');
export const asMarkedOnParts = message('as marked on the parts');
export const yourMaximumCanLower = message(
  'Your maximum can lower the values of parts, never raise them. Leave empty to use the values of the parts.',
);
export const enterNumberFromLeast = message('Enter a number from {least} to {most} N m');

// TorqueJoint
export const convertInLbfConvert2 = message('{convert} in lbf · {convert2} ft lbf');
export const onlyFirmEnoughTurn = message('Only firm enough to turn in a crash. Maximum');
export const nM = message('N m');
export const conflictMinimumAsSetN = message(
  'Conflict: minimum {asSet} N m, maximum {asSet2} N m. Do not tighten: ask the maker.',
);
export const noValueKnownRead = message('No value known. Read the part, or ask a qualified mechanic.');
export const stages = message('Stages');
export const stagesNM = message('{stages} N m');
export const setWrench = message('Set the wrench to');
export const asSetNMWith = message('{asSet} N m with the adapter');
export const pull = message('Pull');
export const bolts = message('bolts');
export const tightenOnceThenPaint = message(
  'Tighten once, then paint a line across bolt and part. Later only check the line: a broken line is a fault. Do not tighten again.',
);

// TorqueView
export const wrenchMm = message('Wrench, mm');
export const handSquare = message('hand to square');
export const adapterMm = message('Adapter, mm');
export const inLine0If = message('in line; 0 if none');
export const yourPolicyLowestStated = message('Your policy: the lowest of the stated values applies.');
export const yourPolicy10Below = message(
  'Your policy: 10 % below the lowest stated value, but never below a stated minimum.',
);
export const yourPolicyTightenOnce = message('Your policy: tighten once and paint a witness line.');
export const torqueCard = message('torque card');
export const printedWhen = message('· printed {when}');
export const print = message('Print');
export const valueMarkedOnPart = message(
  'A value marked on the part in your hand overrides this card. If in doubt, ask the maker or a qualified mechanic.',
);
export const missingRowsJointsHave = message('{missing} of {rows} joints have no value.');
export const enterValuesParts = message('Enter the values of the parts');
export const torqueCard2 = message('Torque card');
export const bikeDoesNotExist = message('This bike does not exist.');
export const loadingBike = message('Loading the bike …');

// torque-wording
export const leftPedalHasLeft = message(
  'The left pedal has a left-hand thread: turn it backwards to tighten. Some torque wrenches do not measure in that direction.',
);
export const tightenBothNutsIn = message(
  'Tighten both nuts in turns, with the keyed washers in place. Without a marked value, pull with about 90 N at the end of the wrench.',
);
export const startThreadHandAxle = message(
  'Start the thread by hand: the axle must turn freely until it seats.',
);
export const loosenClampPreloadLightly = message(
  'Loosen the clamp, preload lightly, align the bars, then tighten.',
);
export const keepGapsAboveBelow = message('Keep the gaps above and below equal while you tighten.');
export const carbonUseAssemblyPaste = message(
  'Carbon: use assembly paste and the maker’s value, never more.',
);
export const tightenBoltsInTurns = message('Tighten the bolts in turns, a little each time.');
export const holdBrakeLeverWhile = message(
  'Hold the brake lever while you tighten. No oil on pads or rotor.',
);
export const tightenInOrderMakers = message(
  'Tighten in the order of the maker’s drawing, with no weight on the wheel.',
);
export const fittedPart = message('the fitted part');
export const thisBike = message('this bike');
export const theModel = message('the model');
export const yourPolicy = message('your policy');
export const stem = message('stem');
export const bar = message('bar');
export const partAtLeast = message('{part}at least {asSet} N m ({on})');
export const partAtMost = message('{part}at most {asSet} N m ({on})');
export const newtonsNLikeLifting = message('{newtons} N, like lifting {newtons2} kg');

// use-torque-card
export const enterNumber = message('Enter a number.');
export const enterLeastMostMm = message('Enter {least} to {most} mm.');

// torque-wording
export const offRotor = message('Keep grease off the rotor. Hold the sprockets with the chain tool.');
export const strands = message('Too tight crushes the strands: stop at the value, then pull the lever hard.');

// ComesLoose
export const comesLooseHere = message(
  'Comes loose: {times, plural, one {# time} other {# times}} on this bike in a year.',
);
export const comesLooseOnModel = message('Comes loose on this model.');
export const onModelBikes = message('{times} times on {bikes} bikes of this model.');
export const inspectBeforeTightening = message('Inspect thread, washer and part before you tighten it.');
