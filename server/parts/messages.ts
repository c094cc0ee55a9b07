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
