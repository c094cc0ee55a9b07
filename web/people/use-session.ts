import { defineStore } from 'pinia';
import { computed, ref } from 'vue';
import { currentSession, signIn, signOut, type Person, type Session } from '@cadre/contract/people';
import { setupState } from '@cadre/contract/setup';
import type { AnswerOf } from '@cadre/contract/http';
import { mayAct, type Act } from '@cadre/core/people';
import { saveValue, savedValue } from '@cadre/web/platform/local-db';
import { RefusedError, send, UnreachableError } from '@cadre/web/platform/api';
import { setServerNow } from '@cadre/web/platform/time';

/** Who is at this browser. Without signal the last person goes on here; the server asks again when it is back. */
export const useSession = defineStore('session', () => {
  const person = ref<Person | null>(null);
  const programName = ref('');
  const demo = ref(false);
  /** The server wants a fresh sign-in before it takes what is kept here. */
  const needsSignIn = ref(false);
  /** Signed in with a code for one sign-in: their own has to be chosen now. */
  const mustChangeSecret = ref(false);
  const setup = ref<AnswerOf<typeof setupState> | null>(null);
  let loaded = false;
  let unconfirmed = false;

  function take(session: Session): void {
    setServerNow(session.now);
    person.value = session.person;
    programName.value = session.programName;
    demo.value = session.demo;
    needsSignIn.value = session.mustChangeSecret;
    mustChangeSecret.value = session.mustChangeSecret;
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
      take(await send(currentSession));
    } catch (error) {
      if (error instanceof RefusedError) needsSignIn.value = true;
      else if (!(error instanceof UnreachableError)) throw error;
    }
  }

  async function loadSetup(): Promise<void> {
    setup.value = await send(setupState);
  }

  async function enter(signInName: string, secret: string): Promise<void> {
    take(await send(signIn, { body: { signInName, secret } }));
  }

  async function leave(): Promise<void> {
    await send(signOut);
    await forget();
  }
  /** Nobody is at this browser any more. */
  async function forget(): Promise<void> {
    person.value = null;
    await saveValue('session', null);
  }

  const may = computed(
    () =>
      (act: Act): boolean =>
        person.value !== null && mayAct(person.value, act),
  );

  return {
    person,
    programName,
    demo,
    needsSignIn,
    mustChangeSecret,
    setup,
    load,
    confirm,
    loadSetup,
    enter,
    leave,
    forget,
    take,
    may,
  };
});
