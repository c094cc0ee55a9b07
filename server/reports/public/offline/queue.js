// Reports that found no server wait here, on the phone, until one answers. Shared by the page and its worker.
const DATABASE = 'cadre-trail';
const STORE = 'reports';

function openQueue() {
  return new Promise((done, failed) => {
    const asked = indexedDB.open(DATABASE, 1);
    asked.onupgradeneeded = () => asked.result.createObjectStore(STORE, { keyPath: 'id' });
    asked.onsuccess = () => done(asked.result);
    asked.onerror = () => failed(asked.error);
  });
}

async function inQueue(mode, act) {
  const database = await openQueue();
  try {
    return await new Promise((done, failed) => {
      const asked = act(database.transaction(STORE, mode).objectStore(STORE));
      asked.onsuccess = () => done(asked.result);
      asked.onerror = () => failed(asked.error);
    });
  } finally {
    database.close();
  }
}

const saveReport = (report) => inQueue('readwrite', (store) => store.put(report));

/** Sends what waits, one after the other, each under the id it was made with: sent twice it is one report. Answers how many still wait, and whether one was not accepted. */
async function sendWaiting() {
  const waiting = await inQueue('readonly', (store) => store.getAll());
  let [left, refused] = [0, false];
  for (const { id, to, fields } of waiting) {
    const form = new FormData();
    for (const [name, value] of fields) form.append(name, value);
    try {
      const { status } = await fetch(to, { method: 'POST', body: form });
      // A label that has ended is not there later either; anything else is worth another try.
      const gone = status === 400 || status === 404;
      refused ||= gone;
      if (gone || status < 300) await inQueue('readwrite', (store) => store.delete(id));
      else left += 1;
    } catch {
      left += 1;
    }
  }
  return { left, refused };
}

Object.assign(self, { saveReport, sendWaiting });
