// Texts of web/instruments, in ICU message format: {name} is filled in, plurals count.
import { message } from '@cadre/web/platform/i18n';

export const instruments = message('Instruments');
export const instrument = message('Instrument');
export const register = message('Tools and instruments');
export const intro = message(
  'A connected instrument fills the field you touched last. In a batch check it then moves to the next bike.',
);
export const notSecure = message(
  'This address is not secure (https). The browser allows no USB, Bluetooth or microphone here. Type the values, or ask your operator for https.',
);
export const connected = message('Connected');
export const noneConnected = message('Nothing connected. You can always type a value by hand.');
export const lastReading = message('{line}, {when}');
export const disconnect = message('Disconnect');
export const connectOne = message('Connect an instrument');
export const connect = message('Connect');
export const usbSerial = message('USB or serial port');
export const usbSerialHint = message('Sends lines of text');
export const bluetooth = message('Bluetooth');
export const bluetoothHint = message('Switch the instrument on first');
export const usbDevice = message('USB device');
export const usbDeviceHint = message('An instrument with its own driver');
export const browserCannot = message('Not in this browser. Type the values by hand.');
export const typing = message('Instruments that type');
export const typingHint = message('Plug in, touch the field, press the button on the instrument.');
export const simulated = message('Simulated instruments');
export const simulatedHint = message('For training. Open them in a second window beside the check.');
export const simulatedOn = message('Take readings from simulated instruments');
export const openSimulated = message('Open simulated instruments');
export const standInsIntro = message(
  'Training only. Press the button, and the reading lands in the field in hand in your other window.',
);
export const heldAgainst = message('True value, {unit}');
export const serial = message('Serial number');
export const behaves = message('Behaviour');
export const sendReading = message('Send reading');
export const onScale = message('Enter {least} to {most}.');
export const meterUnits = message('marks');
export const pressureGauge = message('Pressure gauge');
export const caliper = message('Caliper');
export const torqueWrench = message('Torque wrench');
export const spokeMeter = message('Spoke meter');
export const dialGauge = message('Dial gauge');
export const scale = message('Scale');
export const worksWell = message('Works');
export const drifts = message('Drifts');
export const wrongUnit = message('Switched to another unit');
export const batteryDies = message('Battery dies');
export const sendsNonsense = message('Sends nonsense');
export const notUnderstood = message(
  '{name} sent something that is no reading. Check its settings, or type the value.',
);
export const noField = message('{name} sent a reading, but no field is open for it.');
export const failedCheck = message(
  '{name} failed its reference check. Nothing was entered. Use another instrument.',
);
export const batteryLow = message('{name}: battery low. Charge or change it soon.');
export const batteryEmpty = message(
  '{name}: battery empty. Nothing was entered. Change it, or type the value.',
);
export const checkIsDue = message('{name}: reference check due.');
export const otherUnit = message(
  '{name} is set to {sentUnit}: {sent} {sentUnit} is {value} {unit}. Nothing was entered yet.',
);
export const wrongQuantity = message('{name} sends {sent}. This field takes {wanted}. Nothing was entered.');
export const offScale = message(
  '{name} sent {value} {unit}, outside its scale of {least} to {most}. Nothing was entered.',
);
export const useValue = message('Use this value');
export const noneChosen = message('No instrument was chosen.');
export const typeByHand = message('Choose one, or type the values by hand.');
export const notAllowed = message('The browser was not allowed to use the instrument.');
export const allowOrType = message('Allow it in the browser, or type the values by hand.');
export const doesNotAnswer = message('The instrument does not answer, or another program uses it.');
export const plugInAgain = message('Plug it in again, close the other program, or type the values by hand.');
export const helpPurpose = message(
  'A reading from an instrument lands in the field you touched last, with the instrument’s identity.',
);
export const helpByHand = message('Nothing depends on it: every value can be typed by hand.');
export const helpRegister = message(
  'Enter each instrument in the register with its serial number, so that a failed check finds its readings.',
);
export const registerUnknown = message(
  '{name}: the register is not at hand without a connection. Its last reference check is not known.',
);
export const movedOn = message('A value arrived late, after you moved on. Measure again.');
