import { openDemo } from '../e2e/support/demo.ts';
import { printed } from '../e2e/support/pdf.ts';
const demo = await openDemo();
const { mara } = demo;
await mara.route('/units/unit-kites/one-page'); await mara.sees('Corners and days');
await new Promise((r) => setTimeout(r, 600)); await mara.page.screenshot({ path: '/tmp/op1.png' });
for (const s of ['one-page','by-subject']) {
await mara.go(demo.server.url + '/units/unit-kites/print/' + s);
await mara.find('[data-test="printed"]');
for (const f of ['a4','letter'] as const) { const pdf = await printed(mara.page, f, true as never); console.log(s, f, pdf.size, pdf.pageCount); }
await mara.page.setViewport({ width: 980, height: 740 }); await mara.page.emulateMediaType('print'); await mara.page.screenshot({ path: `/tmp/${s}.png` as never }); await mara.page.emulateMediaType('screen');
}
await demo.close();
