import { Browser } from '/work/main/e2e/support/browser';
import fs from 'fs';
const b = await Browser.open('http://127.0.0.1:18082');
const shot = async (n:string)=>{ await new Promise(r=>setTimeout(r,700)); fs.writeFileSync(`/tmp/x/${n}.png`, Buffer.from(await b.driver.takeScreenshot(),'base64')); };
await b.size('office'); await b.signIn('ines','curlew-1','/'); await b.find('[data-tag]'); await shot('wall');
await b.go('/tools'); await b.find('[data-tool]'); await shot('tools');
await b.go('/catalogue'); await b.find('[data-look]'); await shot('catalogue');
await b.go('/findings'); await b.find('[data-finding]'); await shot('findings');
process.exit(0);
