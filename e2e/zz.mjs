import { chromium } from '@playwright/test';
const [out, w, h, mode, path, act] = process.argv.slice(2);
const base = 'http://127.0.0.1:4713';
const b = await chromium.launch({ executablePath: '/usr/bin/chromium-headless-shell' });
const c = await b.newContext({ viewport: { width: +w, height: +h }, colorScheme: mode === 'dark' ? 'dark' : 'light' });
const p = await c.newPage();
await p.addInitScript(() => localStorage.setItem('nadir.pull-hint', 'said'));
await c.request.post(base + '/api/sign-in/demo');
let to = path;
const m = /\{(\w+)\}/.exec(path);
if (m) {
  const blocks = await (await c.request.get(base + '/api/blocks')).json();
  const list = blocks.blocks ?? blocks;
  const one = list.find((x) => JSON.stringify(x).includes(m[1]));
  to = path.replace(m[0], one.id);
}
if (mode === 'print') await p.emulateMedia({ media: 'print' });
await p.goto(base + to); await p.waitForLoadState('networkidle');
p.on('pageerror', e => console.log('ERR', e.message));
if (act) await (await import(act)).default(p, base, c);
await p.waitForTimeout(400);
if (out !== '-') await p.screenshot({ path: out });
await b.close();
