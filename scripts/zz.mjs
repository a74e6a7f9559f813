import { launchBrowser } from '/work/main/scripts/lib/browser.mjs';
// usage: node shot.mjs title station out [w] [h] [theme] [full]
const [, , title, station, out, w = '1280', h = '800', theme = 'day', full = ''] = process.argv;
const base = 'http://127.0.0.1:3100';
const b = await launchBrowser();
const ctx = await b.newContext({ viewport: { width: +w, height: +h } });
await ctx.addCookies([{ name: 'theme', value: theme, url: base }]);
const p = await ctx.newPage();
p.on('console', (m) => {
  if (['error', 'warning'].includes(m.type())) console.log('console', m.text().slice(0, 400));
});
p.on('pageerror', (e) => console.log('pageerror', e.message.slice(0, 600)));
if (title === '/new') {
  await p.goto(base + '/new');
} else {
  const tags = await (await fetch(base + '/api/shelf')).json();
  const t = tags.find((x) => x.title.includes(title));
  await p.goto(`${base}/parcels/${t.id}/${station}`);
}
await p.waitForTimeout(4500);
await p.screenshot({ path: out, fullPage: full === 'full' });
await b.close();
