/** Everything a checkpoint may be measured by, with the unit its limits and readings are kept in. */
export const MEASURES = {
  chain: 'ratio',
  'disc-pad': 'mm',
  'rim-pad': 'mm',
  rotor: 'mm',
  'rim-track': 'mm',
  'rim-wall': 'mm',
  'run-out': 'mm',
  spokes: 'ratio',
  'tyre-window': 'kPa',
  pressure: 'kPa',
  torque: 'N m',
  sag: 'ratio',
  'lever-travel': 'ratio',
  hanger: 'mm',
  'chain-slack': 'mm',
  battery: 'ratio',
  sealant: 'ml',
  interval: 'h',
} as const;
export type Measure = keyof typeof MEASURES;

export function isMeasure(word: string): word is Measure {
  return word in MEASURES;
}
