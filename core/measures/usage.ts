import { fieldIssues, measured, unmeasured, type Measured } from './measured';

/** What an outing is on bikes of a kind, where no computer counts: km and hours. */
export const TYPICAL_OUTING = {
  child: { km: 5, hours: 1.5 },
  hybrid: { km: 14, hours: 2 },
  hardtail: { km: 12, hours: 2 },
  'full-suspension': { km: 15, hours: 2.5 },
  'step-through': { km: 18, hours: 2 },
  cargo: { km: 8, hours: 1.5 },
  trike: { km: 6, hours: 1.5 },
} as const satisfies Readonly<Record<string, { readonly km: number; readonly hours: number }>>;

export interface Usage {
  readonly km: number;
  readonly hours: number;
  readonly source: 'computer' | 'outings';
}

/** How far and long a bike was ridden: its computer's figures when it has one that counts both, else outings times what its kind typically does. */
export function usageOf(
  kind: keyof typeof TYPICAL_OUTING,
  outings: number,
  computer: { readonly km: number; readonly hours: number } | null,
): Measured<Usage> {
  const wrong = fieldIssues(
    { path: 'outings', value: outings, least: 0, most: 1e5, unit: 'outings' },
    ...(computer
      ? [
          { path: 'km', value: computer.km, least: 0, most: 1e6, unit: 'km' },
          { path: 'hours', value: computer.hours, least: 0, most: 1e5, unit: 'h' },
        ]
      : []),
  );
  if (wrong.length > 0) return unmeasured(...wrong);
  if (computer) return measured({ ...computer, source: 'computer' });
  const { km, hours } = TYPICAL_OUTING[kind];
  return measured({ km: km * outings, hours: hours * outings, source: 'outings' });
}
