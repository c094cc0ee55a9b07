import { USUAL_BUILD, type BikeKind, type Build } from '@cadre/core/fleet';

export interface DemoBike {
  readonly tag: string;
  readonly kind: BikeKind;
  readonly model: string;
  readonly size: string;
  readonly build?: Partial<Build>;
}

const child20: Partial<Build> = { wheelSizeFront: '20', wheelSizeRear: '20', brakeRear: 'coaster', gears: 'single-speed', sprockets: 1 };

/** The first twenty-four bikes, rack by rack. Models are made up. */
export const demoRacks: readonly { site: 'boathouse' | 'hut'; name: string; hooks: number; bikes: readonly DemoBike[] }[] = [
  {
    site: 'boathouse',
    name: 'Slip rail',
    hooks: 10,
    bikes: [
      { tag: 'Q01', kind: 'child', model: 'Dunlin 20', size: '20 in', build: child20 },
      { tag: 'Q02', kind: 'child', model: 'Dunlin 20', size: '20 in', build: child20 },
      { tag: 'Q03', kind: 'child', model: 'Dunlin 24', size: '24 in' },
      { tag: 'Q04', kind: 'child', model: 'Dunlin 24', size: '24 in' },
      { tag: 'Q05', kind: 'child', model: 'Dunlin 24', size: '24 in' },
      { tag: 'Q06', kind: 'child', model: 'Dunlin 24', size: '24 in' },
      { tag: 'Q07', kind: 'hybrid', model: 'Estuary', size: 'S' },
      { tag: 'Q08', kind: 'hybrid', model: 'Estuary', size: 'M' },
      { tag: 'Q09', kind: 'hybrid', model: 'Estuary', size: 'M' },
    ],
  },
  {
    site: 'boathouse',
    name: 'Long wall',
    hooks: 10,
    bikes: [
      { tag: 'Q10', kind: 'hybrid', model: 'Estuary', size: 'L' },
      { tag: 'Q11', kind: 'hybrid', model: 'Estuary', size: 'L' },
      { tag: 'Q12', kind: 'step-through', model: 'Spoonbill E', size: 'M' },
      { tag: 'Q13', kind: 'step-through', model: 'Spoonbill E', size: 'M' },
      { tag: 'Q14', kind: 'step-through', model: 'Spoonbill E', size: 'L' },
      { tag: 'Q15', kind: 'hardtail', model: 'Saltmarsh 29', size: 'S' },
      { tag: 'Q16', kind: 'hardtail', model: 'Saltmarsh 29', size: 'M' },
      { tag: 'Q17', kind: 'hardtail', model: 'Saltmarsh 29', size: 'M' },
    ],
  },
  {
    site: 'hut',
    name: 'Hut rail',
    hooks: 8,
    bikes: [
      { tag: 'H01', kind: 'hardtail', model: 'Saltmarsh 29', size: 'M' },
      { tag: 'H02', kind: 'hardtail', model: 'Saltmarsh 29', size: 'L' },
      { tag: 'H03', kind: 'hardtail', model: 'Saltmarsh 29', size: 'L' },
      { tag: 'H04', kind: 'full-suspension', model: 'Scar', size: 'M' },
      { tag: 'H05', kind: 'full-suspension', model: 'Scar', size: 'M' },
      { tag: 'H06', kind: 'full-suspension', model: 'Scar', size: 'L' },
      { tag: 'H07', kind: 'full-suspension', model: 'Scar', size: 'L' },
    ],
  },
];

export function demoBuild(bike: DemoBike): Build {
  return { ...USUAL_BUILD[bike.kind], ...bike.build };
}
