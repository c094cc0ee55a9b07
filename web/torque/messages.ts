import { message } from '@cadre/web/platform/i18n';

// BoltPattern
export const oneBolt = message('One bolt');
export const boltsBoltsEachAcross = message('{bolts} bolts, each across from the one before');

// PolicyTorque
export const torqueMostHouse = message('Torque, most of this house');
export const keysJointsSet = message('{keys} of {joints} set');
export const asPartsSay = message('as the parts say');
export const lowersWhatStatedOn = message(
  'Lowers what is stated on the parts, never raises it. Empty: the parts alone say.',
);
export const numberFromLeastMost = message('A number from {least} to {most} N m');

// TorqueJoint
export const convertInLbfConvert2 = message('{convert} in lbf · {convert2} ft lbf');
export const justFirmTurnsIn = message('Just firm: turns in a crash. Never over');
export const nM = message('N m');
export const conflictLeastAssetMost = message(
  'Conflict: at least {asSet}, at most {asSet2} N m. Do not torque it: ask the maker.',
);
export const noFigureStatedRead = message(
  'No figure stated. Read it off the part, or ask a qualified mechanic.',
);
export const stages = message('Stages');
export const stagesNM = message('{stages} N m');
export const setTo = message('Set to');
export const assetNMWith = message('{asSet} N m with the adapter');
export const pull = message('Pull');
export const bolts = message('bolts');
export const torqueOncePaintLine = message(
  'Torque it once, paint a line over bolt and part. After that only look: a broken line is a fault, not a reason to turn it.',
);

// TorqueView
export const wrenchMm = message('Wrench, mm');
export const handSquare = message('hand to square');
export const adapterMm = message('Adapter, mm');
export const inLine0Without = message('in line; 0 without');
export const houseTorquesSaferStated = message('This house torques to the safer of the stated figures.');
export const houseStaysTenPercent = message(
  'This house stays ten percent under the safer of the stated figures, never under a stated least.',
);
export const houseTorquesOncePaints = message('This house torques once and paints a witness line.');
export const torqueCard = message('torque card');
export const printedWhen = message('· printed {when}');
export const print = message('Print');
export const whatMarkedOnPart = message(
  'What is marked on the part in your hand comes before this card. In doubt the maker or a qualified mechanic says.',
);
export const missingRowsJointsHave = message('{missing} of {rows} joints have no figure.');
export const noteWhatPartsSay = message('Note what the parts say');
export const torqueCard2 = message('Torque card');
export const thereNoSuchBike = message('There is no such bike here.');
export const fetchingBike = message('Fetching the bike …');

// torque-wording
export const leftPedalHasLeft = message(
  'The left pedal has a left thread: it tightens backwards. Some torque wrenches do not measure to the left.',
);
export const bothNutsTurnAbout = message(
  'Both nuts, turn about, keyed washers in; pull about 90 N at the wrench where no figure is marked.',
);
export const threadHomeHandFirst = message('Thread it home by hand first: it turns freely until it seats.');
export const loosenClampPreloadLightly = message(
  'Loosen the clamp, preload lightly, align the bars, then torque.',
);
export const gapsAboveBelowStay = message('The gaps above and below stay even all the way.');
export const carbonAssemblyPasteMakers = message(
  'Carbon: assembly paste and the maker’s figure, never more.',
);
export const boltsTurnsLittleTime = message('Bolts by turns, a little at a time.');
export const holdLeverWhileYou = message('Hold the lever while you tighten; no oil on pad or rotor.');
export const inOrderMakersDrawing = message('In the order of the maker’s drawing, weight off the wheel.');
export const partFittedHere = message('a part fitted here');
export const thisBike = message('this bike');
export const itsModel = message('its model');
export const thisHouse = message('this house');
export const stem = message('stem');
export const bar = message('bar');
export const partEndAssetN = message('{part}at {end} {asSet} N m ({on})');
export const newtonsNLikeLifting = message('{newtons} N, like lifting {newtons2} kg');

// use-torque-card
export const aNumber = message('A number.');
export const fromLeastMostMm = message('From {least} to {most} mm.');
