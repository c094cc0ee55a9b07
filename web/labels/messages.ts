// Texts of web/labels, in ICU message format: {name} is filled in, plurals count.
import { message } from '@cadre/web/platform/i18n';

export const labels = message('Labels');
export const loading = message('Loading …');
export const labelsFor = message('Labels for');
export const bikes = message('Bikes');
export const hooks = message('Hooks');
export const racks = message('Racks');
export const which = message('Which');
export const withoutLabel = message('Without a label');
export const all = message('All');
export const chosenOnly = message('Chosen');
export const site = message('Site');
export const everyOneHas = message('Everything here has a label.');
export const noLabel = message('no label');
export const printLabels = message(
  '{count, plural, =0 {Print labels} one {Print # label} other {Print # labels}}',
);
export const sheet = message('Sheet');
export const pageWidth = message('Page width, mm');
export const pageHeight = message('Page height, mm');
export const labelWidth = message('Label width, mm');
export const labelHeight = message('Label height, mm');
export const marginLeft = message('Left margin, mm');
export const marginTop = message('Top margin, mm');
export const gapAcross = message('Gap across, mm');
export const gapDown = message('Gap down, mm');
export const startAt = message('Start at label');
export const startAtHint = message('On a sheet that is partly used: 1 to {most}.');
export const outOfRange = message('Enter {least} to {most} mm.');
export const noRoom = message('Not one label of this size fits on the page.');
export const startWrong = message('Enter a whole number from 1 to {most}.');
export const perPage = message(
  '{across} by {down} labels on a page, {pages, plural, one {# page} other {# pages}}',
);
export const previewOf = message('First page with the labels on it');
export const address = message('Labels lead to {address}');
export const demoAddress = message('This is the demo: its labels work on this network only.');
export const noAddress = message('Phones cannot reach this address, so labels cannot be printed yet.');
export const noAddressTodo = message('Ask the operator to set CADRE_PUBLIC_URL.');
export const lostLabel = message('Replace the label of {name}');
export const lostLabelShort = message('Replace');
export const renewed = message('{name} has a new code. The old label no longer works. Print the new label.');
export const picture = message('Label of {name} as a picture');
export const pictureShort = message('PNG');
export const printed = message('The labels are in your downloads. Print them at 100 %.');
export const helpLabels = message(
  'Every label has a code. Riders scan it to see whether the bike may be ridden and to report a problem; staff scan it to find the bike.',
);
export const helpLost = message(
  'Gives a new code for a label that is lost or damaged. The old label stops working at once.',
);
