// From a tap to the next instruction on the screen, in Chromium, online and off: `bench-tap.mjs URL BAG`.
import { chromium } from '@playwright/test';

const [, , url, bag] = process.argv;
const TAPS = 200;
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox', '--disable-gpu'] });
const page = await browser.newPage({ viewport: { width: 390, height: 844 } });
await page.goto(`${url}/sign-in`);
await page.getByRole('button', { name: 'Sign in' }).click();
await page.goto(`${url}/bags/${bag}/work`);
await page.evaluate(() => navigator.serviceWorker?.ready);
await page.getByText('Counting, tape, scale, look').click();
await page.getByLabel('a stitch', { exact: true }).check();
for (const [where, offline] of [['online', false], ['off the network', true]]) {
    await page.context().setOffline(offline);
    const times = await page.evaluate(async (taps) => {
        const go = document.querySelector('[data-go]');
        const found = [];
        for (let tap = 0; tap < taps; tap++) {
            const from = performance.now();
            go.click();
            // Shown when the frame after the change is drawn.
            await new Promise((resolve) => {
                requestAnimationFrame(() => setTimeout(resolve));
            });
            found.push(performance.now() - from);
        }

        return found.sort((a, b) => a - b);
    }, TAPS);
    process.stdout.write(`  a tap to the next instruction, ${where}`.padEnd(46)
        + ` median ${times[TAPS / 2].toFixed(2).padStart(7)} ms   95th percentile ${times[Math.floor(TAPS * 0.95)].toFixed(2).padStart(7)} ms\n`);
}
await browser.close();
