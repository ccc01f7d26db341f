import { expect, test } from '@playwright/test';
import { inspect, register } from './maker.js';

const oval = [
    'Hacer 13 cadenetas.',
    'V1: 3 pb en la 2.ª cad desde la aguja, pb en las 10 cad sig, 3 pb en la última cad, ' +
        'por el otro lado pb en las 10 cad sig (26)',
    'V2: 2 pb en cada uno de los 3 p sig, pb en los 10 p sig, 2 pb en cada uno de los 3 p sig, pb en los 9 p sig (32)',
    'Vueltas 3-14: pb en cada p de la vuelta (32)',
].join('\n');

test('a wrong Spanish text is mended, made wider, and becomes a bag of what is in the hand', async ({ page }) => {
    await page.goto('/');
    await page.getByRole('link', { name: /I have a pattern/ }).click();
    await page.getByLabel('The pattern, as it is written').fill(oval);
    const proof = page.locator('[data-proof]');
    await expect(proof).toContainText('One thing does not come out.');
    // A bag is made of what comes out.
    await page.getByRole('button', { name: 'Make a bag of it' }).click();
    await expect(page.locator('#text-wrong')).toContainText('mend what does not first');
    await page.getByRole('button', { name: /Write 10 for 9/ }).click();
    await expect(proof).toContainText('It all comes out: 14 rows.');
    await page.getByLabel('Write it in').selectOption('en-US');
    await expect(proof).toContainText('sc in next 10 ch');
    await page.getByText('Another size', { exact: true }).click();
    await page.getByLabel('Stitches more across').fill('4');
    await page.getByLabel('Rows or rounds higher').fill('6');
    await page.getByRole('button', { name: 'Write it so' }).click();
    await expect(page.locator('#text')).toHaveValue(
        /Hacer 17 cadenetas[^]*las 14 cad sig[^]*\(34\)[^]*Vueltas 3-20[^]*\(40\)/,
    );
    await expect(page.locator('.changed')).toContainText('10 → 14');
    await page.getByRole('button', { name: 'As it was' }).click();
    await expect(page.locator('#text')).toHaveValue(/Hacer 13 cadenetas/);
    await page.getByText('Another size', { exact: true }).click();
    await page.getByLabel('Stitches more across').fill('4');
    await page.getByRole('button', { name: 'Write it so' }).click();
    await inspect(page, 'a text of another size');
    await page.getByRole('button', { name: 'Make a bag of it' }).click();
    await expect(page.getByRole('radio', { name: /Your pattern/ })).toBeChecked();
    const answer = page.locator('[data-region="answer"]');
    await expect(answer).toContainText('14 rounds and rows, first chain 17');
    const grams = await answer.textContent();
    await page.getByRole('radio', { name: 'T-shirt yarn' }).check({ force: true });
    await expect(answer).not.toHaveText(grams ?? '');
    await page.getByLabel('I have').fill('900 g');
    await expect(answer).toContainText('in 100');
    await inspect(page, 'a pattern of what is in the hand');
    await page.getByRole('link', { name: 'See the whole plan' }).click();
    await expect(page.getByText('3 sc in 2nd ch from hook, sc in next 14 ch')).toBeVisible();
});

test('by keys alone a pattern is pasted, made a bag, written higher, and worked', async ({ page }) => {
    await register(page);
    await page.goto('/count');
    await page.locator('#text').focus();
    await page.keyboard.insertText(
        'Rnd 1: 6 sc in ring (6)\nRnd 2: 2 sc in each st around (12)\nRnds 3-8: sc around (12)',
    );
    await expect(page.locator('.sum')).toContainText('It all comes out: 8 rows.');
    const on = async (name) => {
        for (let tab = 0; tab < 60; tab++) {
            await page.keyboard.press('Tab');
            const said = await page.evaluate(() => document.activeElement?.textContent?.trim() ?? '');
            if (said === name) {
                return;
            }
        }
        throw new Error(`${name} is not reached`);
    };
    await on('Make a bag of it');
    await page.keyboard.press('Enter');
    await page.waitForURL(/begin/);
    await on('Keep and see the whole plan');
    await page.keyboard.press('Enter');
    await page.waitForURL(/bags\/\d+$/);
    await page.getByLabel('High').focus();
    await page.keyboard.insertText('24');
    await page.keyboard.press('Enter');
    await expect(page.getByRole('status')).toContainText('Written anew');
    await inspect(page, 'a bag as it is written');
    await page.getByRole('link', { name: 'Work', exact: true }).focus();
    await page.keyboard.press('Enter');
    await expect(page.getByRole('heading', { name: 'Round 1' })).toBeVisible();
});
