import type { PracticeQuestion, Practices } from '@cadre/core/catalogue';

interface Side {
  readonly name: string;
  /** What is done, as said at the stand. */
  readonly rule: string;
  /** What those who do it so say for it. */
  readonly reason: string;
}

export interface Practice<Q extends PracticeQuestion = PracticeQuestion> {
  readonly question: string;
  readonly sides: Readonly<Record<Practices[Q], Side>>;
}

/** Where good mechanics differ, and what each side says for itself. */
export const PRACTICE_PROSE: { readonly [Q in PracticeQuestion]: Practice<Q> } = {
  chainLimit: {
    question: 'When is a chain worn?',
    sides: {
      'by-gearing': {
        name: 'By gearing',
        rule: 'Eleven sprockets and up at 0.5 %, two to ten at 0.75 %, single speed and hub gear at 1.0 %.',
        reason:
          'Narrow chains ruin costly sprockets early; a wide chain on one thick sprocket may run longer without harm.',
      },
      early: {
        name: 'Early',
        rule: 'Every chain at 0.5 %; sprockets checked from 0.75 %.',
        reason:
          'A chain is the cheapest part of the drivetrain: changed early, one cassette sees three or four of them.',
      },
      ruler: {
        name: 'By ruler',
        rule: 'A sixteenth over twelve inches: chain. An eighth: sprockets too.',
        reason: 'Measures the length itself over many links; no gauge to trust, and everybody owns a ruler.',
      },
      'three-quarters': {
        name: 'At 0.75 %, every chain',
        rule: 'Every chain at 0.75 %, sprockets checked from 1.0 %.',
        reason: 'One figure, one gauge: nobody has to count sprockets first.',
      },
    },
  },
  wheelRunOut: {
    question: 'How true does a wheel have to run?',
    sides: {
      'by-brake': {
        name: 'By its brake',
        rule: 'Rim brake within 1 mm, disc within 2 mm.',
        reason:
          'A rim between pads shows every millimetre; between discs it may wander a little without harm.',
      },
      'one-mm': {
        name: 'One millimetre, any wheel',
        rule: 'Every wheel within 1 mm, as if it were new.',
        reason: 'A wheel is trued in minutes while it is little; one that was neglected has to be rebuilt.',
      },
    },
  },
  sag: {
    question: 'How is the suspension set?',
    sides: {
      house: {
        name: 'House figure',
        rule: 'The usual trail figures, a park bike as its fit list says.',
        reason: 'One figure for all, and riders of any weight come home in one piece.',
      },
      park: {
        name: 'Park, a step softer',
        rule: 'Forks 20 to 30 %, shocks 28 to 35 %, unless the fit list says trail.',
        reason: 'Rental riders sit back and brake late: a softer bike forgives it.',
      },
    },
  },
  torque: {
    question: 'How are bolts torqued?',
    sides: {
      stated: {
        name: 'Stated value',
        rule: 'The safer of the stated figures, with a wrench.',
        reason: 'The maker tested it there; anything else is a guess.',
      },
      'ten-under': {
        name: 'Ten percent under',
        rule: 'Ten percent under the safer figure, never below the stated minimum.',
        reason: 'Wrenches err, threads are greased, carbon forgives nothing: a margin costs no hold.',
      },
      witness: {
        name: 'Witness line',
        rule: 'Torqued once, a line painted over bolt and part; then only the line is checked.',
        reason: 'A broken line is seen at a glance on forty bikes; turning bolts again and again wears them.',
      },
    },
  },
  boltCheck: {
    question: 'How are bolts checked?',
    sides: {
      feel: {
        name: 'Feel only',
        rule: 'A key in the bolt, a light pull, never tightened unless it turns.',
        reason: 'Every retightening creeps past the figure until something strips.',
      },
      nip: {
        name: 'Gentle nip',
        rule: 'A small, even pull with a short key.',
        reason: 'Catches what has just begun to work loose, before it can be felt.',
      },
      'torque-all': {
        name: 'Torque every one',
        rule: 'The wrench on every bolt, at the season’s opening.',
        reason: 'Once a year nothing is taken on trust.',
      },
    },
  },
  leverClamp: {
    question: 'How tight is a brake lever’s clamp?',
    sides: {
      full: {
        name: 'Full torque',
        rule: 'At its stated figure: one hand cannot turn it.',
        reason: 'A lever that turns under the hand is a brake that is not there.',
      },
      'just-firm': {
        name: 'Just firm enough to turn in a crash',
        rule: 'Firm against one hand, gives to a hard blow. Never so loose that braking turns it.',
        reason: 'A lever that turns in a fall does not snap, and the rider gets home with a brake.',
      },
    },
  },
  pressure: {
    question: 'Which tyre pressure?',
    sides: {
      house: {
        name: 'House figure by kind',
        rule: 'One figure for each kind of bike, inside the tyre’s window.',
        reason: 'Fast, the same every morning, and anybody can do it.',
      },
      window: {
        name: 'Window only',
        rule: 'Anything inside the window printed on the tyre.',
        reason: 'Least meddling; the maker’s own range.',
      },
      calculated: {
        name: 'Calculated start',
        rule: 'By load and width, then held inside the window. A starting point, for adults.',
        reason: 'A light rider on a wide tyre is safer and happier well under the usual pressure.',
      },
    },
  },
  winterPressure: {
    question: 'Tyre pressure in the wet months?',
    sides: {
      'as-summer': {
        name: 'As in summer',
        rule: 'The same figure all year.',
        reason: 'One figure to remember, and the rim stays off the ground.',
      },
      lower: {
        name: 'A little lower',
        rule: 'About 8 percent under the summer figure in wet, salt and freezing seasons, inside the window.',
        reason: 'A softer tyre lies flatter and grips where it is slippery.',
      },
    },
  },
  quickRelease: {
    question: 'How is a wheel proved tight?',
    sides: {
      palm: {
        name: 'By the palm',
        rule: 'The lever needs a firm palm and leaves its print.',
        reason: 'The hand that closes it proves it, every time, with no tool.',
      },
      turns: {
        name: 'Nut set by turns',
        rule: 'The nut turned in by a set count, then the lever closed firmly.',
        reason: 'Helpers with small hands and large get the same result.',
      },
      wrench: {
        name: 'Wrench where there is no lever',
        rule: 'Levers by the palm; axles with none by the torque wrench.',
        reason: 'A bare axle tells the hand nothing.',
      },
    },
  },
  looseSpoke: {
    question: 'What happens to a loose spoke?',
    sides: {
      mechanic: {
        name: 'To the mechanic',
        rule: 'Marked and left; a mechanic trues the wheel.',
        reason: 'A wheel is easily made worse, and the next one to break is on the other side.',
      },
      nip: {
        name: 'Nipped a little',
        rule: 'A quarter turn, watched at the rim; more than two, or again: the mechanic.',
        reason: 'A quarter turn today saves a spoke tomorrow.',
      },
    },
  },
  sealantEvery: {
    question: 'How often is sealant renewed?',
    sides: {
      'three-months': {
        name: 'Every three months',
        rule: 'Checked and topped up every 90 days.',
        reason: 'It dries fastest in warm sheds and thin tyres; a dry tyre seals nothing.',
      },
      'half-year': {
        name: 'Twice a year',
        rule: 'Before the season and in the middle of it.',
        reason: 'In a cool shed it lasts, and every opening of a bead costs a morning.',
      },
    },
  },
  sealantLook: {
    question: 'How is sealant checked?',
    sides: {
      dipstick: {
        name: 'Dipstick',
        rule: 'Core out, a thin stick to the bottom.',
        reason: 'Tells how much is left without touching the bead.',
      },
      shake: {
        name: 'Shake',
        rule: 'Wheel off, shaken by the ear.',
        reason: 'No tool, no air lost; a slosh is a slosh.',
      },
      inside: {
        name: 'Look inside',
        rule: 'One side of the bead off, lumps out, fresh in.',
        reason: 'The only way that shows the lumps and the casing.',
      },
    },
  },
  newChain: {
    question: 'What is done to a new chain?',
    sides: {
      'keep-grease': {
        name: 'Keep the packing grease',
        rule: 'The outside wiped; what is inside stays.',
        reason: 'Nothing put in later gets so far into the rollers.',
      },
      strip: {
        name: 'Strip and lube',
        rule: 'Degreased wholly, then your lube.',
        reason: 'Packing grease holds grit, and wax does not stick to it.',
      },
    },
  },
  chainLube: {
    question: 'When is the chain lubed?',
    sides: {
      'every-outing': {
        name: 'Every outing',
        rule: 'A wipe and a few drops at each return.',
        reason: 'Nobody has to remember when it was last done.',
      },
      'by-distance': {
        name: 'By distance',
        rule: 'Every 300 km.',
        reason: 'Too much oil is grinding paste.',
      },
      'after-wet': {
        name: 'After wet or washing',
        rule: 'Whenever it has been wet.',
        reason: 'Water is what takes it off; a dry chain keeps its oil.',
      },
    },
  },
  lubeKind: {
    question: 'Oil or wax?',
    sides: {
      oil: {
        name: 'Oil by weather',
        rule: 'Thin in the dry, thick in the wet; the outside wiped dry.',
        reason: 'Ready at once, and it works its way in on its own.',
      },
      wax: {
        name: 'Wax',
        rule: 'On a bare clean chain, dried overnight before riding.',
        reason: 'Stays clean, keeps hands and trouser legs clean.',
      },
    },
  },
  sidewallSlash: {
    question: 'What happens to a slashed sidewall?',
    sides: {
      replace: {
        name: 'Replace',
        rule: 'A tyre with a slashed wall is a stop, and is thrown away.',
        reason: 'The wall carries the whole load; nobody can see how far the threads are cut.',
      },
      stitch: {
        name: 'Stitch and patch',
        rule: 'A stop until a mechanic has stitched and patched it from inside; then a watch until the tread is done.',
        reason: 'Done well it outlasts the tread, and a good tyre is not cheap.',
      },
    },
  },
  axleThreads: {
    question: 'What goes on axle threads?',
    sides: {
      grease: {
        name: 'Grease',
        rule: 'A thin coat of grease.',
        reason: 'It is on the bench, it keeps water out, and torque figures are given for it.',
      },
      'anti-seize': {
        name: 'Anti-seize paste',
        rule: 'Paste on the thread, grease on the shaft.',
        reason: 'Steel in aluminium grows fast where it is wet or salty; paste does not wash out.',
      },
    },
  },
  roughHub: {
    question: 'What is done with a rough hub?',
    sides: {
      bearings: {
        name: 'New bearings',
        rule: 'Cartridges pressed out, new ones in.',
        reason: 'Once rough, always rough.',
      },
      cones: {
        name: 'Adjust cones',
        rule: 'Opened, cleaned, greased, set by the cones.',
        reason: 'Most rough cone hubs are only dry or set too tight.',
      },
      replace: {
        name: 'Replace the hub or wheel',
        rule: 'A fleet wheel is swapped, the old one stored for parts.',
        reason: 'An hour of work costs more than the wheel of a children’s bike.',
      },
    },
  },
  headset: {
    question: 'What is done with a rough headset?',
    sides: {
      regreased: {
        name: 'Cleaned and regreased',
        rule: 'Opened, cleaned, felt, greased; changed only if still rough.',
        reason: 'Most are dry or dirty, not worn.',
      },
      bearings: {
        name: 'New bearings',
        rule: 'Both bearings changed.',
        reason: 'The fork is out anyway, and bearings cost less than the hour.',
      },
      whole: {
        name: 'Whole headset',
        rule: 'Cups, race and bearings changed together.',
        reason: 'A worn cup eats new bearings.',
      },
    },
  },
  oilyPads: {
    question: 'What happens to oily pads?',
    sides: {
      scrap: {
        name: 'Scrapped',
        rule: 'Oily pads are thrown away.',
        reason: 'Oil goes deep into a pad, and sanding takes off only the surface.',
      },
      sand: {
        name: 'Sanded and tried',
        rule: 'Sanded, bedded in, and used only if the wheel stops at the first pull.',
        reason: 'A drop caught early has not gone deep. The brake decides, not the eye.',
      },
    },
  },
  padsBeforeEvent: {
    question: 'Pads before an event?',
    sides: {
      keep: {
        name: 'Keep bedded ones',
        rule: 'Pads with life left stay in.',
        reason: 'Bedded pads stop; new ones only after twenty stops.',
      },
      new: {
        name: 'New ones, bedded days before',
        rule: 'Changed a week before and bedded in.',
        reason: 'Nobody runs out on the second day in the rain.',
      },
    },
  },
  postFreed: {
    question: 'How often is the seatpost freed and greased?',
    sides: {
      quarter: {
        name: 'Each quarter',
        rule: 'Out, wiped and greased every 90 days; oftener where there is salt.',
        reason: 'A post that has grown fast costs a frame; four times a year costs minutes.',
      },
      spring: {
        name: 'Each spring',
        rule: 'Out, wiped and greased once a year.',
        reason: 'Heights are set by quick-release all day here: what moves does not seize.',
      },
    },
  },
  forkLowers: {
    question: 'When are the fork lowers serviced?',
    sides: {
      'half-year': {
        name: 'By date and hours',
        rule: 'Every 180 days or 50 hours, whichever is first.',
        reason: 'Oil ages and foam dries whether or not there is a race.',
      },
      'before-events': {
        name: 'Before each event',
        rule: 'With the event checklist; no date besides.',
        reason: 'Bikes that are ridden hard twice a year are serviced when it counts.',
      },
    },
  },
  fullTune: {
    question: 'How often is a full tune?',
    sides: {
      yearly: {
        name: 'Once a year, assist bikes twice',
        rule: 'Every 365 days; every 180 with a motor.',
        reason: 'Assist bikes carry more weight further: everything on them works harder.',
      },
      season: {
        name: 'Each season',
        rule: 'Every bike twice a year.',
        reason: 'Before the season it is made right, in the middle it stays right.',
      },
    },
  },
  chainOiled: {
    question: 'Gears or oil first?',
    sides: {
      'after-gears': {
        name: 'Gears, then oil',
        rule: 'The gears are set, then the chain is lubed.',
        reason: 'The cassette stays clean and the hands as well.',
      },
      'before-gears': {
        name: 'Oil, then gears',
        rule: 'Lubed first, the gears set while it soaks in.',
        reason: 'A chain shifts as it will shift on the trail.',
      },
    },
  },
  degreasing: {
    question: 'How is the drivetrain degreased?',
    sides: {
      'on-bike': {
        name: 'On the bike, with cloth and brush',
        rule: 'Chain stays on; brush, cloth, little liquid. Never sprayed near brakes.',
        reason: 'Quick, and no link is opened for it.',
      },
      tank: {
        name: 'Chain off, into the tank',
        rule: 'Chain off at its link, into the tank, rinsed, dried. Never sprayed near brakes.',
        reason: 'Gets the grit out of the rollers, and none near the brakes.',
      },
    },
  },
  cleaning: {
    question: 'Washing and looking: which first?',
    sides: {
      'clean-first': {
        name: 'Clean, then look',
        rule: 'Washed and dried first; nothing is judged through dirt.',
        reason: 'Dirt hides cracks.',
      },
      'wash-looks': {
        name: 'Washing is the first look',
        rule: 'The person who washes the bike checks it and reports what they find.',
        reason:
          'The hand with the sponge is on every tube once; fresh dirt also tells where something leaks or rubs.',
      },
    },
  },
};
