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

for (const form of document.querySelectorAll('form[data-report]'))
  form.addEventListener('submit', async (event) => {
    event.preventDefault();
    const fields = [...new FormData(form)];
    const id = form.elements.namedItem('id').value;
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
