import { DAY_MS } from '@cadre/core/time';
import { defineStore } from 'pinia';
import { computed, onScopeDispose, ref, shallowRef } from 'vue';
import { followSaved, localDb, savedUnderWay, letGoOfOld, type SavedAct } from '@cadre/web/platform/local-db';
import { now } from '@cadre/web/platform/time';
import { onReach, RefusedError, UnreachableError, wantsSignIn } from '@cadre/web/platform/api';
import { allSigned, onOpened, proofFor, signLater } from '@cadre/web/platform/authorship';
import { useSession } from '@cadre/web/people';
import { deliverActs, deliverCheck, isDeliverable, setAside, undelivered } from './deliver';

const FIRST_WAIT_MS = 500;
const LONGEST_WAIT_MS = 10_000;
/** What is signed and sent stays at hand so long. */
const KEPT_FOR_MS = 3 * DAY_MS;

/** Sends what is kept here whenever it can, in order, one thing at a time, and says how much is left. */
export const useOutbox = defineStore('outbox', () => {
  const session = useSession();
  const records = shallowRef<readonly { author: string; proof?: unknown }[]>([]);
  /** How much waits for each person to sign in here: nothing shows that it is theirs. */
  const waitsFor = computed((): ReadonlyMap<string, number> => {
    const me = session.deliverer ?? session.person?.id;
    const counts = new Map<string, number>();
    for (const each of records.value)
      if (me && !isDeliverable(me, each)) counts.set(each.author, (counts.get(each.author) ?? 0) + 1);
    for (const author of soundsOf.value)
      if (me && author !== me) counts.set(author, (counts.get(author) ?? 0) + 1);
    return counts;
  });
  const recordsWaiting = ref(0);
  const photosWaiting = ref(0);
  /** Who made each recording of a noise that is not sent yet. */
  const soundsOf = shallowRef<readonly string[]>([]);
  /** Marks, signatures, pictures and recordings kept here and not sent yet. */
  const waiting = computed(() => recordsWaiting.value + photosWaiting.value + soundsOf.value.length);
  const reachable = ref(true);
  const openBikes = ref<readonly string[]>([]);
  const troubles = ref<
    readonly { id: string; tag: string; bikeId: string; trouble: string; over: boolean }[]
  >([]);
  let wait = FIRST_WAIT_MS;
  let timer: ReturnType<typeof setTimeout> | null = null;
  let running = false;
  let again = false;
  let began = false;
  /** What is followed from the beginning until the store goes. */
  const ended = new AbortController();
  onScopeDispose(() => ended.abort());
  const follow: typeof followSaved = (read, take) => {
    const subscription = followSaved(read, take);
    ended.signal.addEventListener('abort', () => subscription.unsubscribe());
    return subscription;
  };

  onReach((reached) => {
    reachable.value = reached;
  });

  function later(): void {
    timer ??= setTimeout(() => {
      timer = null;
      void flush();
    }, wait);
    wait = Math.min(LONGEST_WAIT_MS, wait * 2);
  }

  async function flush(): Promise<void> {
    if (running) {
      again = true;
      return;
    }
    running = true;
    try {
      await allSigned();
      const me = session.deliverer ?? session.person?.id;
      if (me) {
        for (const check of await undelivered()) await deliverCheck(check, me);
        await deliverActs(me);
        await sendLarge(me);
      }
      wait = FIRST_WAIT_MS;
    } catch (error) {
      if (wantsSignIn(error)) session.needsSignIn = true;
      else if (error instanceof UnreachableError || error instanceof RefusedError) later();
      else throw error;
    } finally {
      running = false;
      if (again) {
        again = false;
        void flush();
      }
    }
  }

  /** Pictures and recordings last, and what sends them fetched only when there are any: marks must not wait for them. */
  async function sendLarge(me: string): Promise<void> {
    if ((await localDb.photos.count()) > 0) await (await import('@cadre/web/photos')).deliverPhotos(me);
    if (soundsOf.value.includes(me)) await (await import('@cadre/web/sounds')).deliverSounds(me);
  }

  /** Watches what is kept and sends it; called once by the shell. */
  function begin(): void {
    if (began) return;
    began = true;
    void letGoOfOld(now() - KEPT_FOR_MS);
    session.beforeLeaving(flush);
    onOpened((personId) => {
      void signLater(async () => (await import('./sign')).signStored(personId)).then(flush);
    });
    // On its own: pictures are large, and are not read again with every mark.
    follow(
      () => localDb.photos.toArray(),
      (photos) => {
        photosWaiting.value = photos.filter((photo) => photo.trouble === null).length;
      },
    );
    // Their authors alone are read, not the recordings. One just saved is sent at once.
    follow(
      () => localDb.sounds.where('[state+author]').between(['waiting', ''], ['waiting', '\uffff']).keys(),
      (keys) => {
        soundsOf.value = keys.map((key) => (key as unknown as [string, string])[1]);
        if (keys.length > 0) void flush();
      },
    );
    const readRecords = async () => ({
      unsent: await localDb.marks.where('sent').equals(0).toArray(),
      acts: await localDb.acts.toArray(),
      checks: await savedUnderWay(),
      troubled: (await localDb.checks.toArray()).filter((check) => check.trouble !== null),
    });
    follow(readRecords, ({ unsent, acts, checks, troubled }) => {
      records.value = [
        ...unsent.map((each) => each.mark),
        ...acts.filter((act) => act.trouble === null),
        ...checks.flatMap((check) => (check.state === 'signing' ? (check.signature ?? []) : [])),
      ];
      recordsWaiting.value =
        unsent.length +
        acts.filter((act) => act.trouble === null).length +
        checks.filter((check) => check.state === 'signing').length;
      openBikes.value = checks
        .filter((check) => check.state === 'open' && check.repairId === null && check.checklist.clears)
        .map((check) => check.bikeId);
      troubles.value = [
        ...troubled,
        ...acts.filter((act) => act.trouble !== null).map((act) => ({ ...act, state: 'signed' as const })),
      ].map(({ id, tag, bikeId, trouble, state }) => ({
        id,
        tag,
        bikeId,
        trouble: trouble ?? '',
        over: state === 'signed',
      }));
    });
    const until = { signal: ended.signal };
    window.addEventListener('online', () => void flush(), until);
    document.addEventListener(
      'visibilitychange',
      () => {
        if (document.visibilityState === 'visible') void flush();
      },
      until,
    );
    void flush();
  }

  /** Keeps what was left apart on a bike until the server has it. */
  async function leaveApartHere(act: Omit<SavedAct, 'trouble'>): Promise<void> {
    const { tag: _tag, ...said } = act;
    const proof = await proofFor(act.author, 'not-reassembled', said);
    await localDb.acts.put({ ...act, ...proof, trouble: null });
    void flush();
  }

  const allSent = computed(() => waiting.value === 0);
  return {
    waiting,
    waitsFor,
    reachable,
    openBikes,
    troubles,
    allSent,
    begin,
    flush,
    setAside,
    leaveApartHere,
  };
});
