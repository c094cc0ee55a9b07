import { defineStore } from 'pinia';
import { computed, ref } from 'vue';
import { currentSession, signIn, signOut, type Person, type Session } from '@cadre/contract/people';
import { setupState } from '@cadre/contract/setup';
import type { AnswerOf } from '@cadre/contract/http';
import { mayAct, type Act } from '@cadre/core/people';
import { saveValue, savedValue } from '@cadre/web/platform/local-db';
import { RefusedError, send, UnreachableError } from '@cadre/web/platform/api';
import { readWriter, setSigner } from '@cadre/web/platform/authorship';
import { setServerNow } from '@cadre/web/platform/time';
import { rememberName } from './remembered';

/** With a sign-in or a sign-out only. */
const authorKey = () => import('./author-key');

/** Nobody waits longer than this at a tablet for what can be sent later. */
const inTime = (work: Promise<void>): Promise<void> =>
  Promise.race([work, new Promise<void>((done) => setTimeout(done, 3000))]);

/** Who is at this browser. Without signal the last person goes on here; the server asks again when it is back. */
export const useSession = defineStore('session', () => {
  const person = ref<Person | null>(null);
  const programName = ref('');
  const demo = ref(false);
  /** The server wants a fresh sign-in before it takes what is kept here. */
  const needsSignIn = ref(false);
  /** Signed in with a code for one sign-in: their own has to be chosen now. */
  const mustChangeSecret = ref(false);
  /** Signed in with a PIN: no key is open, and some acts want the code. */
  const quick = ref(false);
  const hasPin = ref(false);
  const setup = ref<AnswerOf<typeof setupState> | null>(null);
  /** Whose session this browser's requests go in. Without signal another person may have gone on here. */
  const deliverer = ref<string | null>(null);
  /** Sends what is here in the name of whoever is about to leave, as long as the server answers. */
  let sendAll: () => Promise<void> = () => Promise.resolve();
  const beforeLeaving = (send: () => Promise<void>): void => {
    sendAll = send;
  };
  let loaded = false;
  let unconfirmed = false;

  function take(session: Session): void {
    setServerNow(session.now);
    if (person.value?.id !== session.person.id) setSigner(null);
    person.value = session.person;
    deliverer.value = session.person.id;
    void readWriter(session.person.id);
    programName.value = session.programName;
    demo.value = session.demo;
    needsSignIn.value = session.mustChangeSecret;
    mustChangeSecret.value = session.mustChangeSecret;
    quick.value = session.quick;
    hasPin.value = session.hasPin;
    rememberName(session.person.signInName, session.person.name, session.hasPin);
    unconfirmed = false;
    // Kept for when there is no signal; nothing on the screen waits for the disk.
    void saveValue('session', {
      person: session.person,
      programName: session.programName,
      demo: session.demo,
    });
  }

  async function load(): Promise<void> {
    if (loaded) return;
    loaded = true;
    try {
      take(await send(currentSession));
    } catch (error) {
      if (error instanceof UnreachableError) {
        const last = await savedValue<Pick<Session, 'person' | 'programName' | 'demo'>>('session');
        if (!last) return;
        person.value = last.person;
        deliverer.value = last.person.id;
        void readWriter(last.person.id);
        programName.value = last.programName;
        demo.value = last.demo;
        unconfirmed = true;
      } else if (!(error instanceof RefusedError)) throw error;
    }
  }

  /** Asks the server, once it can be reached again, whether it still knows who went on here without it. */
  async function confirm(): Promise<void> {
    if (!unconfirmed) return;
    try {
      const session = await send(currentSession);
      // Somebody else went on here without signal: the server has to know them before it takes what they say as theirs.
      if (session.person.id === person.value?.id) take(session);
      else {
        deliverer.value = session.person.id;
        needsSignIn.value = true;
      }
    } catch (error) {
      if (error instanceof RefusedError) needsSignIn.value = true;
      else if (!(error instanceof UnreachableError)) throw error;
    }
  }

  async function loadSetup(): Promise<void> {
    setup.value = await send(setupState);
  }

  async function enter(signInName: string, secret: string): Promise<void> {
    const { lastItemOf, openedHere } = await authorKey();
    if (deliverer.value) await inTime(sendAll());
    const counter = await lastItemOf(person.value);
    const lastCounter = counter === undefined ? {} : { lastCounter: counter };
    try {
      take(await send(signIn, { body: { signInName, secret, ...lastCounter } }));
    } catch (error) {
      if (!(error instanceof UnreachableError)) throw error;
      const found = await openedHere(signInName, secret);
      if (!found) throw error;
      goOnWithoutSignal(found);
      return;
    }
    if (!quick.value) openKey(secret);
  }

  /** Opens the key of whoever is here now. */
  function openKey(secret: string): void {
    const who = person.value;
    if (who)
      void authorKey().then(({ openKeyOf }) => openKeyOf(who, secret, () => person.value?.id === who.id));
  }

  /** Another person goes on here, whom the server asks for when it is back. */
  function goOnWithoutSignal(found: Person): void {
    person.value = found;
    unconfirmed = true;
    void readWriter(found.id);
    void saveValue('session', { person: found, programName: programName.value, demo: demo.value });
  }

  async function leave(): Promise<void> {
    const { lastItemOf } = await authorKey();
    await inTime(sendAll());
    const counter = await lastItemOf(person.value);
    await send(signOut, { query: counter === undefined ? {} : { counter } });
    await forget();
  }
  /** Nobody is at this browser any more. */
  async function forget(): Promise<void> {
    person.value = null;
    deliverer.value = null;
    setSigner(null);
    await saveValue('session', null);
  }

  const may = computed(
    () =>
      (act: Act): boolean =>
        person.value !== null && mayAct(person.value, act),
  );

  return {
    person,
    deliverer,
    programName,
    demo,
    needsSignIn,
    mustChangeSecret,
    quick,
    hasPin,
    setup,
    load,
    confirm,
    loadSetup,
    enter,
    leave,
    forget,
    take,
    openKey,
    beforeLeaving,
    may,
  };
});
