// Trail help: at hand without signal once it was opened, and a report that finds no server waits on the phone.
const said = document.getElementById('said');
const tell = (key) => {
  said.hidden = !key;
  said.textContent = key ? said.dataset[key] : '';
};

async function keepAtHand() {
  if (!('serviceWorker' in navigator)) return;
  await navigator.serviceWorker.register('/r/offline/worker.js', { scope: '/r/' });
  const { active } = await navigator.serviceWorker.ready;
  active?.postMessage({ path: location.pathname });
}

let waiting = false;
async function tryAgain() {
  const { left, refused } = await self.sendWaiting();
  if (refused) tell('refused');
  else if (left > 0) tell('waits');
  else if (waiting) tell('sent');
  waiting = left > 0;
}

/** An id of its own for every report, made here: the page may have been opened days ago. Time first, then chance. */
function newId() {
  const bytes = crypto.getRandomValues(new Uint8Array(16));
  const time = Date.now();
  for (let at = 0; at < 6; at += 1) bytes[at] = Math.floor(time / 256 ** (5 - at)) % 256;
  bytes[6] = 0x70 | (bytes[6] & 0x0f);
  bytes[8] = 0x80 | (bytes[8] & 0x3f);
  const hex = [...bytes].map((byte) => byte.toString(16).padStart(2, '0')).join('');
  return hex.replace(/^(.{8})(.{4})(.{4})(.{4})/, '$1-$2-$3-$4-');
}

for (const form of document.querySelectorAll('form[data-report]'))
  form.addEventListener('submit', async (event) => {
    event.preventDefault();
    const id = newId();
    form.elements.namedItem('id').value = id;
    const fields = [...new FormData(form)];
    await self.saveReport({ id, to: new URL(form.action).pathname, fields });
    waiting = true;
    tell('waits');
    said.scrollIntoView({ block: 'nearest' });
    await tryAgain();
    if (!waiting) return;
    const registration = await navigator.serviceWorker?.getRegistration('/r/');
    // Where the browser can, it goes out even when the page is closed by then.
    await registration?.sync?.register('reports').catch(() => undefined);
  });
addEventListener('online', tryAgain);
setInterval(() => waiting && tryAgain(), 5000);
keepAtHand().catch((error) => reportError(error));
tryAgain();
