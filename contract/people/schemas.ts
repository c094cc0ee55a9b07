import { SYSTEMS } from '@cadre/core/catalogue';
import { PIN, ROLES } from '@cadre/core/people';
import { counter, publicKey } from '@cadre/contract/authorship/schemas';
import { id, instant, messages, text, version } from '@cadre/contract/http/schemas';
import * as z from 'zod/mini';

/** What a browser says of the machine it runs on. */
export const DEVICE_KINDS = ['phone', 'computer'] as const;

/** Eight characters or more: a phrase, or a long number for gloves. Never trimmed, never shown. */
export const secret = z.string().check(z.minLength(8), z.maxLength(200));
export const signInName = z.string().check(z.trim(), z.toLowerCase(), z.regex(/^[a-z0-9._-]{2,40}$/));

export const person = z.object({
  id,
  name: z.string(),
  signInName: z.string(),
  role: z.enum(ROLES),
  trainee: z.boolean(),
  active: z.boolean(),
  /** The systems of the bike the lead has signed this person off for, and when. */
  competences: z.array(z.object({ system: z.enum(SYSTEMS), signedBy: id, signedAt: instant })),
  /** Their name was destroyed: they are called "Nameless" and the end of their id. */
  nameless: z.boolean(),
  version,
});

export const session = z.object({
  person,
  programName: z.string(),
  demo: z.boolean(),
  now: instant,
  /** The lead gave this person a code for one sign-in: nothing else can be done before they chose their own. */
  mustChangeSecret: z.boolean(),
  /** Signed in with a PIN: what lets a bike on the trail or changes the rules needs the code. */
  quick: z.boolean(),
  /** This person has a PIN on this browser. */
  hasPin: z.boolean(),
});

const done = z.object({ done: z.literal(true) });

export const signIn = messages({
  body: z.object({
    signInName: z.string().check(z.trim(), z.toLowerCase(), z.minLength(1), z.maxLength(40)),
    secret: z.string().check(z.minLength(1), z.maxLength(200)),
    /** The number of the last item of whoever was signed in on this browser until now. */
    lastCounter: z.optional(counter),
  }),
  answer: session,
});

export const currentSession = messages({ answer: session });
/** The number of this person's last item here: what they said before they left counts, whoever delivers it. */
export const signOut = messages({
  query: z.object({ counter: z.optional(z.coerce.number().check(z.int(), z.gte(0))) }),
  answer: done,
});
export const bindWriter = messages({ body: z.object({ id, publicKey }), answer: done });

export const changeSecret = messages({
  body: z.object({ id, current: z.string().check(z.minLength(1), z.maxLength(200)), secret }),
  answer: session,
});
/** A short number for this browser. The code is asked for. */
export const setPin = messages({
  body: z.object({
    id,
    current: z.string().check(z.minLength(1), z.maxLength(200)),
    pin: z.string().check(z.regex(PIN)),
  }),
  answer: session,
});
export const removePin = messages({ body: z.object({ id }), answer: session });
export const endSessions = messages({ body: z.object({ id }), answer: done });
/** Where a person is signed in. Nobody but themselves is told. */
export const listDevices = messages({
  answer: z.object({
    devices: z.array(
      z.object({
        device: z.string(),
        kind: z.enum(DEVICE_KINDS),
        here: z.boolean(),
        startedAt: instant,
        seenAt: instant,
      }),
    ),
  }),
});
export const endDevice = messages({
  params: z.object({ device: z.string().check(z.regex(/^[a-z0-9]{1,40}$/)) }),
  body: z.object({ id }),
  answer: done,
});
export const resetSecret = messages({
  params: z.object({ id }),
  body: z.object({ id, secret }),
  answer: person,
});

export const listPeople = messages({ answer: z.object({ people: z.array(person) }) });

export const addPerson = messages({
  body: z.object({ id, name: text(80), signInName, role: z.enum(ROLES), trainee: z.boolean(), secret }),
  answer: person,
});

export const changePerson = messages({
  params: z.object({ id }),
  body: z.object({ id, role: z.enum(ROLES), trainee: z.boolean(), active: z.boolean(), version }),
  answer: person,
});

export const setCompetence = messages({
  params: z.object({ id, system: z.enum(SYSTEMS) }),
  body: z.object({ id, signed: z.boolean(), at: instant }),
  answer: person,
});

/** All that is kept of a person. */
export const personData = messages({
  params: z.object({ id }),
  answer: z.object({
    writtenAt: instant,
    person,
    sessions: z.array(
      z.object({
        kind: z.enum(DEVICE_KINDS),
        startedAt: instant,
        seenAt: instant,
        endedAt: z.nullable(instant),
      }),
    ),
    /** Every entry of the record they are the author of. */
    did: z.array(
      z.object({
        id,
        kind: z.string(),
        bikeId: z.nullable(id),
        happenedAt: instant,
        recordedAt: instant,
        body: z.unknown(),
      }),
    ),
  }),
});
/** Destroys the name of somebody who has left. It cannot be brought back. */
export const removeName = messages({ params: z.object({ id }), body: z.object({ id }), answer: person });
