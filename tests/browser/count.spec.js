import { expect, test } from '@playwright/test';
import { inspect, register, toteOnPlan } from './maker.js';

test('a wrong Spanish text is mended as it is typed, and written in English', async ({ page }) => {
    await page.goto('/');
    await page.getByRole('link', { name: /I have a\s+pattern/ }).click();
    const text = page.getByLabel('The pattern, as it is written');
    const wrong = [
        'V1: 6 pb en anillo mágico (6)',
        'V2: aum en cada p (12)',
        'V3: (pb, aum) x 5 (18)',
        'V4: pb en cada p de la vuelta (18)',
    ].join('\n');
    await text.fill(wrong);
    const proof = page.locator('[data-proof]');
    await expect(proof).toContainText('One thing does not come out.');
    await expect(proof).toContainText('It takes 10 of 12');
    await page.getByRole('link', { name: 'Line 3' }).click();
    // By keys alone: what is wrong is selected, and typed over.
    await expect(text).toBeFocused();
    // One press mends it, and the browser's own undo takes that back.
    await page.getByRole('button', { name: 'Write 6 for 5' }).click();
    await expect(proof).toContainText('It all comes out: 4 rows.');
    await expect(text).toHaveValue(wrong.replace('x 5', 'x 6'));
    await page.keyboard.press('Control+z');
    await expect(proof).toContainText('One thing does not come out.');
    await text.fill(wrong.replace('x 5', 'x 6'));
    await expect(proof).toContainText('It all comes out: 4 rows.');
    await page.getByLabel('Write it in').selectOption('en-US');
    await expect(proof).toContainText('Round 3: [sc in next st, 2 sc in next st] 6 times (18)');
    await inspect(page, 'a pattern counted');
    await page.getByLabel('Or a text file').setInputFiles({
        name: 'round.txt',
        mimeType: 'text/plain',
        buffer: Buffer.from('Rnd 1: 8 sc in magic ring (8)\nRnd 2: inc x 8 (16)'),
    });
    await expect(proof).toContainText('It all comes out: 2 rows.');
});

test('a text is mended, kept, found again and kept anew', async ({ page }) => {
    await register(page);
    await page.goto('/count');
    await page.locator('#text').fill('Rnd 1: 6 sc in ring (6)\nRnd 2: (sc in next st, 2 sc in next) x 2 (9)');
    await page.getByRole('button', { name: /Write 3 for 2/ }).click();
    await expect(page.locator('.sum')).toContainText('It all comes out');
    await page.getByLabel('Name').fill('Coaster');
    await page.getByRole('button', { name: 'Keep it' }).click();
    await expect(page.getByRole('status')).toHaveText('“Coaster” is kept.');
    await expect(page.locator('.sum')).toContainText('It all comes out');
    await page.goto('/count');
    await page.getByRole('link', { name: 'Coaster' }).click();
    await expect(page.locator('#text')).toHaveValue(/x 3 \(9\)$/);
    await expect(page.getByLabel('Name')).toHaveValue('Coaster');
    await inspect(page, 'a kept text');
    await page.getByRole('button', { name: 'Put away' }).click();
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(page.getByRole('status')).toHaveText('“Coaster” is back.');
});

test('a fabric of her own is typed, proven, kept and taken for a wall', async ({ page }) => {
    await toteOnPlan(page);
    const plan = page.url();
    await page.goto('/count');
    await page.locator('#text').fill('Rnd 1: *sc in next st, sk 1, 3 dc in next st, sk 2; rep from * around');
    await expect(page.locator('[data-proof]')).toContainText('Round 1 leaves 4 of 5 stitches');
    await page.locator('#text').fill('Rnd 1: *sc in next st, sk 1, 3 dc in next st, sk 1; rep from * around');
    await expect(page.locator('.own-fabric')).toContainText('It repeats over 4 stitches and one round.');
    await expect(page.locator('.own-fabric svg')).toBeVisible();
    await inspect(page, 'a fabric typed');
    await page.getByLabel('Name').fill('Pier fans');
    await page.getByRole('button', { name: 'Keep it' }).click();
    await page.goto(plan);
    await page.locator('[data-station="4"] > summary').click();
    await page.getByLabel('Stitch', { exact: true }).selectOption({ label: 'Pier fans' });
    await expect(page.locator('[data-region="station-body"]')).toContainText(/pier fans/i);
    await expect(page.locator('[data-saved]')).toHaveText('kept just now');
    await page.getByRole('link', { name: 'Words' }).click();
    await expect(page.locator('.pattern')).toContainText('Pier fans, over a multiple of 4 sts.');
    await page.getByRole('link', { name: 'Español' }).click();
    await expect(page.locator('.pattern')).toContainText(/Pier fans, sobre .*3 pa en el p sig/);
});
