import { ACCESSORIES, BUILD_WORDS, type Accessory, type BikeKind, type BuildWord } from '../build';
import { plain } from '../plain';

/** A word as people write it, read. `sure` is false when it is a likely reading that somebody should look at. */
export interface ReadWord {
  readonly word: string;
  readonly sure: boolean;
}

type Patterns = Readonly<Record<string, RegExp>>;

const BRAKES: Patterns = {
  'hydraulic-disc': /\b(hydr\w*|hyd)\b|\bhdb\b|^oil/,
  'cable-disc': /\b(cable|mech\w*|bb\d?) ?(pull )?(disc|disk)?s?\b|\b(disc|disk)s? ?(mech\w*|cable)\b/,
  coaster: /coaster|back ?pedal|foot brake/,
  drum: /drum|roller/,
  none: /^(none|no|no brake|keine?)$/,
  rim: /\brim\b|^v$|\bv ?brakes?\b|\bvees?\b|cantilever|\bcanti|calliper|caliper|linear pull|side ?pull|dual pivot/,
};
const GEARS: Patterns = {
  'hub-gear': /hub|internal|igh/,
  'single-speed': /single|fixed|^1 ?(sp|speed|x)?$|one speed/,
  derailleur: /derail|mech\b|external|^\d+ ?x ?\d+$|^\d+ ?(sp|spd|speed|s|gears?)\b/,
};
/** In order: the first pattern that fits is the reading, so narrower words stand before wider ones. */
const PATTERNS: { readonly [F in BuildWord]?: Patterns } = {
  kind: {
    trike: /trike|tricycle|recumb/,
    cargo: /cargo|box ?bike|long ?john|freight|bakfiets/,
    child: /\b(child|children|childrens|child s|kid|kids|kid s|junior|youth|boys?|girls?)\b/,
    'full-suspension': /full ?sus\w*|\bfs\b|dual sus\w*|enduro|downhill/,
    'step-through': /step ?(thr\w*|thru)|low ?(step|entry)|\bladies\b|e ?bike|e ?assist/,
    hardtail: /hard ?tail|\bmtb\b|mountain|\bht\b/,
    hybrid: /hybrid|city|trekking|tour\w*|town|rigid|road/,
  },
  frameShape: {
    'recumbent-trike': /trike|recumb/,
    'long-front': /long ?(front|john)|cargo/,
    'step-through': /step|low ?entry|ladies/,
    'full-suspension': /full ?sus\w*|dual/,
    sloping: /slop|compact|mtb|hard/,
    diamond: /diamond|classic|normal|standard|gents/,
  },
  frameMaterial: {
    aluminium: /al(u|loy|umin\w*)?\b|6061|7005/,
    carbon: /carb|cfrp|^cf$/,
    steel: /steel|cromo|cr ?mo|hi ?ten|iron/,
  },
  fork: { suspension: /sus\w*|sprung|\d+ ?mm|air|coil/, rigid: /rigid|solid|none|^no$|starr/ },
  rearSuspension: { none: /^(none|no|rigid|0|hard ?tail)$/, shock: /shock|sus\w*|air|coil|yes|\d+ ?mm/ },
  brakeFront: BRAKES,
  brakeRear: BRAKES,
  brakeRearSecond: { parking: /park|lock/, ...BRAKES },
  retentionFront: {},
  retentionRear: {},
  tyreFront: {},
  tyreRear: {},
  headset: { threadless: /thread ?less|a ?head|ahead/, threaded: /thread|quill/ },
  bar: {
    drop: /drop|road/,
    riser: /rise/,
    swept: /swept|swan|comfort|north/,
    'under-seat': /under|uss/,
    flat: /flat|straight/,
  },
  gears: GEARS,
  transmission: { belt: /belt/, chain: /chain/ },
  assist: {
    'hub-motor': /hub/,
    'mid-motor': /mid|crank|centre|center|^e$|yes|assist|electric/,
    none: /^(none|no|0|without)$/,
  },
  seatpost: {
    dropper: /drop/,
    suspension: /sus\w*|sprung/,
    'seat-frame': /frame|mesh/,
    rigid: /rigid|fixed|solid|standard|normal/,
  },
};
const RETENTION: Patterns = {
  'thru-axle': /thr\w* ?axle|\btaxl?e?\b|12 ?x|15 ?x|bolt ?thr/,
  'quick-release': /quick|\bqr\b|skewer/,
  nutted: /nut|bolt|solid/,
};
const TYRE: Patterns = { tubeless: /tubeless|\btlr?\b|sealant/, tube: /tube|inner|yes|clincher/ };

function patternsOf(field: BuildWord): Patterns {
  if (field === 'retentionFront' || field === 'retentionRear') return RETENTION;
  if (field === 'tyreFront' || field === 'tyreRear') return TYRE;
  return PATTERNS[field] ?? {};
}

/** Wheel sizes written as inches, in millimetres over the tyre, or as the rim's diameter. */
const WHEELS_OTHERWISE: Readonly<Record<string, string>> = {
  '650b': '27.5',
  '584': '27.5',
  '700c': '28',
  '700': '28',
  '622': '28',
  '559': '26',
  '507': '24',
  '406': '20',
  '305': '16',
  '29er': '29',
  '27,5': '27.5',
};

function wheelSizeIn(text: string): ReadWord | null {
  const sizes = BUILD_WORDS.wheelSizeFront as readonly string[];
  const bare = text.replace(/ ?(in|inch|inches|zoll|")?( wheels?)?$/, '').trim();
  if (sizes.includes(bare)) return { word: bare, sure: true };
  const known = WHEELS_OTHERWISE[bare.replace(/ /g, '')];
  if (known) return { word: known, sure: bare !== '700' && bare !== '622' };
  const number = /\d+(?:[.,]\d+)?/.exec(text)?.[0].replace(',', '.');
  return number && sizes.includes(number) ? { word: number, sure: false } : null;
}

/** What a word of one build field means, written as people write it; null when nothing is recognised. */
export function wordFor(field: BuildWord, text: string): ReadWord | null {
  const words = BUILD_WORDS[field] as readonly string[];
  const said = plain(text);
  if (said === '') return null;
  const exact = words.find((word) => plain(word) === said);
  if (exact) return { word: exact, sure: true };
  if (field === 'wheelSizeFront' || field === 'wheelSizeRear') return wheelSizeIn(said);
  // "disc" alone does not say how it is pulled: the commoner one is proposed, not taken.
  if (
    (field === 'brakeFront' || field === 'brakeRear' || field === 'brakeRearSecond') &&
    /^(disc|disk)s?( brakes?)?$/.test(said)
  )
    return { word: 'hydraulic-disc', sure: false };
  const found = Object.entries(patternsOf(field)).filter(([, pattern]) => pattern.test(said));
  const [first] = found;
  return first ? { word: first[0], sure: found.length === 1 } : null;
}

/** How many sprockets a text names ("10sp", "3 x 8", "8-speed"), or null. Of several numbers joined by x, the last. */
export function sprocketsIn(text: string): ReadWord | null {
  const said = plain(text);
  const crossed = /(\d+) ?x ?(\d+)/.exec(said);
  const number = crossed?.[2] ?? /\d+/.exec(said)?.[0] ?? (/single/.test(said) ? '1' : undefined);
  if (!number || Number(number) < 1 || Number(number) > 14) return null;
  return {
    word: String(Number(number)),
    sure: /^\d+$/.test(said) || /^\d+ ?(sp|spd|speed|s|gears?)$/.test(said) || crossed !== null,
  };
}

const ACCESSORY_PATTERNS: Record<Accessory, RegExp> = {
  mudguards: /mud ?guard|fender|^guards?$/,
  rack: /^(rear |front )?(rack|carrier)$/,
  lights: /light|dynamo|lamp/,
  stand: /^(kick ?)?stand$|prop/,
  basket: /basket/,
  bell: /bell/,
  'child-seat': /child ?seat|kid ?seat/,
  'cargo-box': /cargo ?box|^box$/,
  flag: /flag/,
  hitch: /hitch|tow ?bar|trailer/,
  'adjustable-stem': /adjustable/,
  'folding-hinge': /fold/,
  'clip-pedals': /clip ?(in|less)|cleat/,
  'electronic-shifting': /electronic|wireless shift/,
  'front-derailleur': /front (derailleur|mech)/,
  'tyre-liner': /liner|insert/,
  horn: /horn/,
  device: /computer|tracker|gps|device/,
  outdoors: /outdoor|outside/,
};

/** The accessories a list names, and the words in it that are none. */
export function accessoriesIn(text: string): {
  readonly found: readonly Accessory[];
  readonly unknown: readonly string[];
} {
  const words = text
    .split(/[,;+&|\n]| and | \/ /i)
    .map((word) => word.trim())
    .filter((word) => word !== '' && !/^(none|no|-)$/i.test(word));
  const read = words.map(
    (word) =>
      [
        word,
        ACCESSORIES.find((each) => plain(each) === plain(word) || ACCESSORY_PATTERNS[each].test(plain(word))),
      ] as const,
  );
  const named = new Set(read.flatMap(([, found]) => (found ? [found] : [])));
  return {
    found: ACCESSORIES.filter((each) => named.has(each)),
    unknown: read.filter(([, found]) => !found).map(([word]) => word),
  };
}

/** The kind of bike a text names, if it names one. */
export function kindIn(text: string): BikeKind | null {
  return (wordFor('kind', text)?.word as BikeKind | undefined) ?? null;
}
