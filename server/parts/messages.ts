import { message } from '@cadre/server/platform/messages';

// order-pdf
export const reorderList = message('Reorder list');
export const reorderListOf = message('Reorder list, {program}, {day}');
export const pageOf = message('{program} · {day} · page {page} of {pages}');
export const nothingToOrder = message(
  'Nothing to order. Every part is at its minimum or above, and no repair waits for a part.',
);
export const part = message('Part');
export const count = message('Count');
export const priceEach = message('Price each');
export const total = message('Total');
export const neededFor = message('Needed for');
export const forStock = message('{count} for stock (minimum {minimum})');
export const leadTime = message('Lead time {days, plural, one {# day} other {# days}}');

// service
export const removed = message('{part} ({name}) removed');
export const removedAt = message('{end} {part} ({name}) removed');
export const setAgain = message('{end} wheel ({name}) fitted. Set again: {things}');
export const setAxle = message('axle');
export const setPressure = message('tyre pressure');
export const setCaliper = message('brake caliper and pads');
export const setRimPads = message('rim pads and brake release');
export const setBrakeArm = message('brake arm and strap');
export const setGears = message('gears');
export const setChainSlack = message('chain slack');
export const setBelt = message('belt tension');
export const setSealantDate = message('date of the sealant');
export const setAssistPlug = message('motor plug');
