import { writeFileSync } from 'node:fs';
import { it } from 'vitest';
import { Browser } from './support/browser';
it('shots', { timeout: 200_000 }, async () => {
  const b = await Browser.open('http://127.0.0.1:18082');
  await b.size('office');
  await b.signIn('ines', 'curlew-1', '/calendar');
  await b.find('[data-entry]');
  await b.driver.sleep(800);
  writeFileSync('/tmp/x/c-office.png', await b.screenshot());
  await b.click('[data-later]');
  await b.driver.sleep(500);
  if (await b.count('[data-entry-kind=service]')) await b.click('[data-entry-kind=service]'); else await b.click('[data-entry-kind=round]');
  await b.find('[data-entry-panel]');
  await b.driver.sleep(1500);
  writeFileSync('/tmp/x/c-panel.png', await b.screenshot());
  for (const size of ['tablet', 'phone'] as const) { await b.size(size); await b.go('/calendar'); await b.find('[data-entry]'); await b.driver.sleep(800); writeFileSync(`/tmp/x/c-${size}.png`, await b.screenshot()); }
  console.log(await b.complaints());
  await b.close();
});
