import { USUAL_BUILD, type BikeKind, type Build, type FitList } from '@cadre/core/fleet';

export interface DemoModel {
  readonly name: string;
  readonly kind: BikeKind;
  readonly build?: Partial<Build>;
  /** What is stated of its parts, in the core's units. All made up. */
  readonly fit: FitList;
}

const both = (key: string, value: number | string): FitList => ({
  [`${key}Front`]: value,
  [`${key}Rear`]: value,
});
const ends = (joints: Readonly<Record<string, number>>): FitList =>
  Object.fromEntries(Object.entries(joints).map(([joint, most]) => [`torqueMax:${joint}`, most]));

export const demoModels: readonly DemoModel[] = [
  {
    name: 'Dunlin 20',
    kind: 'child',
    build: {
      wheelSizeFront: '20',
      wheelSizeRear: '20',
      brakeRear: 'coaster',
      brakeRearSecond: 'rim',
      gears: 'single-speed',
      sprockets: 1,
    },
    fit: {
      ...both('tyreWidth', 47),
      ...both('sidewallMin', 200),
      ...both('sidewallMax', 400),
      chain: 'single, wide',
      chainLinks: 88,
      riderHeightMin: 1100,
      riderHeightMax: 1350,
      bikeMass: 11,
      maximumLoad: 45,
      ...ends({ 'stem-steerer': 6, 'bar-clamp': 6, 'seatpost-clamp': 6, 'crank-arm': 35 }),
    },
  },
  {
    name: 'Dunlin 24',
    kind: 'child',
    fit: {
      ...both('tyreWidth', 50),
      ...both('sidewallMin', 200),
      ...both('sidewallMax', 400),
      ...both('padShape', 'linear 70'),
      chain: '6 to 8',
      chainLinks: 104,
      cassette: '14-28',
      riderHeightMin: 1250,
      riderHeightMax: 1550,
      bikeMass: 13,
      maximumLoad: 60,
      ...ends({ 'stem-steerer': 6, 'bar-clamp': 6, 'seatpost-clamp': 6, 'crank-arm': 35 }),
    },
  },
  {
    name: 'Estuary',
    kind: 'hybrid',
    fit: {
      ...both('tyreWidth', 42),
      ...both('sidewallMin', 300),
      ...both('sidewallMax', 550),
      ...both('rimMax', 600),
      ...both('padShape', 'linear 70'),
      chain: '8',
      chainLinks: 110,
      cassette: '11-34',
      hangerCode: 'LQ-07',
      riderHeightMin: 1500,
      riderHeightMax: 2000,
      bikeMass: 15,
      saddleLowest: 600,
      saddleHighest: 820,
      saddleMarkZero: 600,
      maximumLoad: 130,
      postInsertMin: 80,
      ...ends({
        'stem-steerer': 6,
        'stem-faceplate': 5,
        'lever-clamp': 5,
        'seatpost-clamp': 8,
        'crank-arm': 40,
      }),
    },
  },
  {
    name: 'Spoonbill E',
    kind: 'step-through',
    fit: {
      ...both('tyreWidth', 50),
      ...both('sidewallMin', 250),
      ...both('sidewallMax', 500),
      fluid: 'mineral-oil',
      ...both('rotorNominal', 1.8),
      ...both('rotorMin', 1.5),
      ...both('padShape', 'B-wide'),
      ...both('padPlate', 2),
      batteryEnergy: 504,
      riderHeightMin: 1500,
      riderHeightMax: 1900,
      maximumTotal: 160,
      bikeMass: 26,
      maximumLoad: 140,
      ...ends({ 'stem-steerer': 6, 'seatpost-clamp': 8, 'rotor-bolt': 6, 'caliper-mount': 8 }),
    },
  },
  {
    name: 'Saltmarsh 29',
    kind: 'hardtail',
    fit: {
      ...both('tyreWidth', 57),
      ...both('sidewallMin', 140),
      ...both('sidewallMax', 350),
      ...both('rimMax', 320),
      fluid: 'mineral-oil',
      ...both('rotorNominal', 1.8),
      ...both('rotorMin', 1.55),
      ...both('padShape', 'B-narrow'),
      ...both('padPlate', 1.9),
      forkTravel: 120,
      forkPressureMax: 1400,
      chain: '11',
      chainLinks: 116,
      cassette: '11-46',
      hangerCode: 'LQ-21',
      riderHeightMin: 1550,
      riderHeightMax: 1950,
      bikeMass: 14,
      forkPressures: '55=480 70=600 85=720 100=830',
      saddleLowest: 620,
      saddleHighest: 800,
      saddleMarkZero: 620,
      maximumLoad: 125,
      postInsertMin: 100,
      ...ends({
        'stem-steerer': 5,
        'stem-faceplate': 5,
        'lever-clamp': 4,
        'seatpost-clamp': 6,
        'rotor-bolt': 6,
        'caliper-mount': 8,
        'axle-front': 12,
        'axle-rear': 12,
      }),
    },
  },
  {
    name: 'Scar',
    kind: 'full-suspension',
    fit: {
      ...both('tyreWidth', 62),
      ...both('sidewallMin', 120),
      ...both('sidewallMax', 300),
      ...both('rimMax', 300),
      ...both('hookless', 'yes'),
      ...both('sealant', 110),
      fluid: 'dot-5.1',
      ...both('rotorNominal', 1.85),
      ...both('rotorMin', 1.55),
      ...both('padPlate', 1.9),
      forkTravel: 150,
      rearTravel: 140,
      shockStroke: 55,
      shockPressureMax: 2400,
      chain: '12',
      chainLinks: 122,
      cassette: '10-52',
      hangerCode: 'LQ-33',
      riderHeightMin: 1600,
      riderHeightMax: 1950,
      bikeMass: 16,
      forkPressures: '55=450 70=560 85=680 100=790',
      shockPressures: '55=950 70=1200 85=1450 100=1700',
      saddleHighest: 810,
      maximumLoad: 120,
      ...ends({
        'stem-steerer': 5,
        'stem-faceplate': 5,
        'bar-clamp': 4.5,
        'seatpost-clamp': 5,
        'axle-front': 12,
        'axle-rear': 15,
        pivot: 14,
      }),
    },
  },
  {
    name: 'Godwit Long',
    kind: 'cargo',
    fit: {
      ...both('tyreWidth', 55),
      ...both('sidewallMin', 250),
      ...both('sidewallMax', 450),
      fluid: 'mineral-oil',
      ...both('rotorMin', 1.6),
      batteryEnergy: 630,
      maximumTotal: 250,
      bikeMass: 48,
      maximumLoad: 200,
      ...ends({ 'stem-steerer': 7, 'seatpost-clamp': 8, 'axle-front': 15 }),
    },
  },
  {
    name: 'Turnstone',
    kind: 'trike',
    fit: {
      ...both('tyreWidth', 40),
      ...both('sidewallMin', 300),
      ...both('sidewallMax', 600),
      ...both('rotorMin', 1.5),
      chain: '9',
      chainLinks: 290,
      cassette: '11-36',
      maximumLoad: 125,
    },
  },
];

export interface DemoRack {
  readonly site: 'boathouse' | 'hut';
  readonly name: string;
  readonly hooks: number;
  /** Runs of bikes: a first tag number, a model, and the sizes in the order they hang. */
  readonly runs: readonly { readonly model: string; readonly sizes: readonly string[] }[];
}

const many = (size: string, count: number): readonly string[] => Array.from({ length: count }, () => size);

/** Where the seventy-two bikes hang. */
export const demoRacks: readonly DemoRack[] = [
  {
    site: 'boathouse',
    name: 'Slip rail',
    hooks: 24,
    runs: [
      { model: 'Dunlin 20', sizes: many('20 in', 10) },
      { model: 'Dunlin 24', sizes: many('24 in', 12) },
    ],
  },
  {
    site: 'boathouse',
    name: 'Long wall',
    hooks: 18,
    runs: [{ model: 'Estuary', sizes: [...many('S', 5), ...many('M', 7), ...many('L', 4)] }],
  },
  {
    site: 'boathouse',
    name: 'Charging bay',
    hooks: 14,
    runs: [
      { model: 'Spoonbill E', sizes: [...many('M', 5), ...many('L', 3)] },
      { model: 'Godwit Long', sizes: many('one size', 3) },
      { model: 'Turnstone', sizes: many('one size', 2) },
    ],
  },
  {
    site: 'hut',
    name: 'Hut rail',
    hooks: 16,
    runs: [{ model: 'Saltmarsh 29', sizes: [...many('S', 4), ...many('M', 6), ...many('L', 4)] }],
  },
  {
    site: 'hut',
    name: 'Back wall',
    hooks: 8,
    runs: [{ model: 'Scar', sizes: [...many('M', 4), ...many('L', 3)] }],
  },
];

export interface DemoBike {
  readonly tag: string;
  readonly rack: string;
  readonly hook: number;
  readonly model: DemoModel;
  readonly size: string;
  readonly serial: string;
  readonly boughtOn: string;
  readonly warrantyUntil: string;
  /** What this very bike has otherwise than its model. */
  readonly own: Partial<Build>;
}

/** Bikes that are built otherwise than their model. */
const OWN: Readonly<Record<string, Partial<Build>>> = {
  Q24: { tyreRear: 'tubeless' },
  Q30: { accessories: ['bell', 'mudguards', 'rack', 'stand', 'child-seat'] },
  H03: { sprockets: 10 },
};

function modelOf(name: string): DemoModel {
  const model = demoModels.find((each) => each.name === name);
  if (!model) throw new Error(`no demo model ${name}`);
  return model;
}

/** Every bike with its tag: Q at the boathouse, H at the hut, numbered as they hang. */
export const demoBikes: readonly DemoBike[] = (() => {
  const next = { boathouse: 1, hut: 1 };
  return demoRacks.flatMap((rack) => {
    let hook = 0;
    return rack.runs.flatMap((run) =>
      run.sizes.map((size): DemoBike => {
        const number = next[rack.site];
        next[rack.site] += 1;
        hook += 1;
        const tag = `${rack.site === 'boathouse' ? 'Q' : 'H'}${String(number).padStart(2, '0')}`;
        const year = 2021 + (number % 4);
        return {
          tag,
          rack: rack.name,
          hook,
          model: modelOf(run.model),
          size,
          serial: `LQ${year % 100}-${tag}-${String((number * 7919) % 10_000).padStart(4, '0')}`,
          boughtOn: `${year}-0${1 + (number % 9)}-1${number % 10}`,
          warrantyUntil: `${year + 2}-0${1 + (number % 9)}-1${number % 10}`,
          own: OWN[tag] ?? {},
        };
      }),
    );
  });
})();

export function modelBuild(model: DemoModel): Build {
  return { ...USUAL_BUILD[model.kind], ...model.build };
}

export function demoBuild(bike: DemoBike): Build {
  return { ...modelBuild(bike.model), ...bike.own };
}

/** Groups of the day: out and back in hours and minutes of the site, and how many of what. */
export const demoGroups: readonly {
  readonly site: 'boathouse' | 'hut';
  readonly name: string;
  readonly outMinutes: number;
  readonly backMinutes: number;
  readonly bikes: string;
}[] = [
  {
    site: 'boathouse',
    name: 'Year 4, Fenside School',
    outMinutes: 35,
    backMinutes: 155,
    bikes: '8 x 24 in, 4 x 20 in',
  },
  {
    site: 'boathouse',
    name: 'Family hire',
    outMinutes: 65,
    backMinutes: 425,
    bikes: '6 hybrid M, 2 hybrid L, 1 cargo',
  },
  {
    site: 'hut',
    name: 'Skills morning',
    outMinutes: 95,
    backMinutes: 245,
    bikes: '6 hardtail M, 3 hardtail L',
  },
  {
    site: 'boathouse',
    name: 'Evening club',
    outMinutes: 505,
    backMinutes: 625,
    bikes: '4 e-bike M, 2 trikes, 3 hybrid S',
  },
];
