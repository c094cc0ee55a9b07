import type { TypedCell, TypedReading } from '@cadre/core/line';
import { bareUnitOf, MEASURES, type Measure, type PressureWindow } from '@cadre/core/measures';

export function inBar(kpa: number): string {
  return (Math.round(kpa) / 100).toString();
}

/** A value of the core as it is written on screen: bar, percent, or its own unit. */
export function shownValue(measure: Measure, value: number): string {
  if (MEASURES[measure] === 'kPa') return `${inBar(value)} bar`;
  if (MEASURES[measure] === 'ratio') return `${Math.round(value * 1000) / 10} %`;
  return `${Math.round(value * 1000) / 1000} ${MEASURES[measure]}`;
}

export function windowWords(window: PressureWindow): string {
  if (window.floor !== null && window.ceiling !== null) return `between ${inBar(window.floor)} and ${inBar(window.ceiling)} bar as marked`;
  if (window.ceiling !== null) return `under ${inBar(window.ceiling)} bar as marked`;
  return window.floor === null ? '' : `over ${inBar(window.floor)} bar as marked`;
}

/** What a reading says, and what to do. */
export function verdictWords(reading: TypedReading, window: PressureWindow): { readonly words: string; readonly bad: boolean } {
  switch (reading.verdict) {
    case 'inside':
      return { words: `Inside: ${windowWords(window)}.`, bad: false };
    case 'low':
      return { words: `Too low: it belongs ${windowWords(window)}. Pump it, gauge again and type that; or name the fault.`, bad: true };
    case 'high':
      return { words: `Too high: it belongs ${windowWords(window)}. Let air out, gauge again and type that; or name the fault.`, bad: true };
    case 'empty':
      return { words: 'Empty. Pump it, gauge again and type that; if it will not hold, name the fault.', bad: true };
    case 'unknown':
      return { words: 'No limit is known here: say whether it is sound. Its fit list can hold what is marked on the tyre.', bad: false };
    case null:
      return { words: 'Kept with the mark: say whether it is sound.', bad: false };
  }
}

/** Why a typed text was not taken, or is asked about, and what it would be without the likely slip. */
export function cellWords(cell: TypedCell, text: string): { readonly said: string; readonly suggestion: string } {
  const typed = text.trim();
  const bare = typed.replace(/[a-z%\s]+$/i, '');
  if (cell.kind === 'refused' && cell.why === 'out-of-range') {
    const range = `${shownValue(cell.measure, cell.least)} to ${shownValue(cell.measure, cell.most)}`;
    return { said: `“${typed}” cannot be: it would have to be ${range}.`, suggestion: cell.likely ? `${bare} ${cell.likely}` : '' };
  }
  if (cell.kind === 'refused') return { said: `“${typed}” is no number and no word of the line.`, suggestion: '' };
  if (cell.kind === 'reading') {
    const unit = bareUnitOf(cell.reading.measure);
    const whole = /[a-z%]/i.test(typed) ? typed : `${typed} ${unit}`;
    return { said: `${whole} would be unusual. Enter it again if it is so.`, suggestion: cell.likely ? `${bare} ${cell.likely}` : '' };
  }
  return { said: '', suggestion: '' };
}
