// Texts of web/kit, in ICU message format: {name} is filled in, plurals count.
import { message } from '@cadre/web/platform/i18n';

export const kit = message('Helmets and kit');
export const helmet = message('Helmet');
export const childSeat = message('Child seat');
export const repairKit = message('Repair kit');
export const pump = message('Pump');
export const lock = message('Lock');
export const other = message('Other');
export const helmets = message('Helmets');
export const childSeats = message('Child seats');
export const repairKits = message('Repair kits');
export const pumps = message('Pumps');
export const locks = message('Locks');
export const others = message('Other kit');
export const site = message('Site');
export const show = message('Show');
export const all = message('All');
export const outOnly = message('Out');
export const notReadyOnly = message('Not ready');
export const loading = message('Loading …');
export const offlineMayBeOld = message('Offline. This list may be out of date.');
export const noKit = message('No kit yet. Add the first helmet, pump or repair kit.');
export const noneShown = message('No kit matches.');
export const addItem = message('Add item');
export const scanHint = message('Scan or type a tag');
export const tagField = message('Tag');
export const noSuchTag = message('No item has the tag {tag}.');
export const checkTagTypeAgain = message('Check the tag, then scan or type it again.');
export const readyOf = message('{ready} of {all} ready');
export const outCount = message('{count} out');
export const ready = message('Ready');
export const out = message('Out');
export const packed = message('Packed');
export const withdrawn = message('Withdrawn');
export const tookImpact = message('Took an impact');
export const expired = message('Expired');
export const incomplete = message('Incomplete');
export const damp = message('Damp');
export const withGroup = message('with {group}');
export const forGroup = message('for {group}');
export const since = message('since {time}');
export const walkIn = message('walk-in');
export const impactOn = message('Impact on {day}');
export const expiredOn = message('Expired on {day}');
export const usableUntil = message('Usable until {day}');
export const missingThings = message('Missing: {things}');
export const needsDrying = message('Dry it, then inspect it.');
export const withdrawnFor = message('Withdrawn: {reason}');
export const inspectedOn = message('Inspected {day} by {name}');
export const neverInspected = message('Not inspected yet');
export const helmetCaution = message(
  'Replace a helmet after an impact, even if no damage shows. Follow the maker’s instructions.',
);
export const seatCaution = message(
  'Check harness, buckle, foot straps and mounting. After a crash or with any crack, do not use the seat. Follow the maker’s instructions.',
);
export const contents = message('Contents');
export const whatIsThere = message('Tick what came back');
export const cameBackDamp = message('Damp');
export const hadImpact = message('Fell or took an impact');
export const takeBack = message('Take back {tag}');
export const lendToWalkIn = message('Lend to a walk-in');
export const lendToGroup = message('Lend to {group}');
export const readyAgain = message('Ready to lend');
export const readyAgainFilled = message('Filled up, ready to lend');
export const readyAgainDry = message('Dry and inspected, ready to lend');
export const withdraw = message('Withdraw {tag}');
export const reason = message('Reason');
export const impactDoesNotCount = message('The impact does not count');
export const enterReason = message('Enter the reason first.');
export const reasonGoesOnRecord = message('Recorded with your name.');
export const change = message('Change');
export const close = message('Close');
export const cancel = message('Cancel');
export const save = message('Save item');
export const newItem = message('New item');
export const changeTag = message('Change {tag}');
export const kindOf = message('Kind');
export const tag = message('Tag');
export const size = message('Size');
export const sizeHint = message('As marked, for example 52–56 cm');
export const expiresOn = message('Usable until');
export const expiresHint = message('By the maker’s marking or your policy. Empty: no limit.');
export const enterTag = message('Enter the tag on the item, at most 20 characters.');
export const contentName = message('Content');
export const contentCount = message('Number');
export const contentFrom = message('Refilled from');
export const boughtElsewhere = message('Not in stock');
export const addContent = message('Add content');
export const removeContent = message('Remove {name}');
export const enterContentName = message('Enter a name for each content, each once.');
export const enterContentCount = message('Enter a number from 1 to 99.');
export const toBuy = message('To buy');
export const toBuyHint = message(
  'Missing items that are not in your spare parts. The rest is on the reorder list.',
);
export const buyLine = message('{count} × {name} for {tag}');
export const countOfName = message('{count} × {name}');
export const kitForGroup = message('Kit for this group');
export const shareOf = message('{count} of {wanted}');
export const lackingCount = message('{count} too few');
export const packCount = message('{count, plural, one {Pack # item} other {Pack # items}}');
export const packedCount = message(
  '{count, plural, one {# item is packed. It goes out with the bikes.} other {# items are packed. They go out with the bikes.}}',
);
export const takeAllBack = message(
  '{count, plural, one {Take # item back, complete and dry} other {Take # items back, complete and dry}}',
);
export const groupsOut = message('Out with groups');
export const helpKit = message(
  'Lend helmets, child seats and repair kits with the bikes, and take them back with what is missing, damp or damaged.',
);
export const helpPack = message(
  'Kit for a group is packed on the page where you hand out the group’s bikes. Packed items go out with the bikes.',
);
export const helpIncomplete = message(
  'Some contents are missing. The item is not lent until it is filled up.',
);
export const helpImpact = message(
  'The item fell or was hit. A helmet with an impact is not lent again; a mechanic may record why an impact does not count.',
);
export const helpDamp = message('The item must be dried and inspected before it is lent again.');
