import { chromium } from '@playwright/test';
const [,, out, ...list] = process.argv;
const b = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox','--disable-gpu'] });
const page = await b.newPage({ viewport: { width: Number(process.env.W ?? 1280), height: 800 } });
page.on('pageerror', e => console.log('ERR', e.message));
let n=0;
for (const p of list) { await page.goto('http://127.0.0.1:4555'+p); await page.waitForLoadState('networkidle'); await page.waitForTimeout(400); await page.screenshot({ path: `${out}${n++}.png` }); }
await b.close();
