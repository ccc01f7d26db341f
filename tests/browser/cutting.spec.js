import { expect, test } from '@playwright/test';
import { register } from './maker.js';

test('two shirts and six bags go from the drawing to strand in the stash', async ({ page, context }) => {
    await register(page);
    await page.goto('/');
    await page.keyboard.press('g');
    await page.keyboard.press('c');
    await page.waitForURL('**/cutting');
    await page.getByLabel('Width lying flat').fill('46');
    await page.getByLabel('Height').fill('16 in');
    await page.getByLabel('Strip', { exact: true }).fill('wide');
    await page.getByRole('button', { name: 'Lay it out' }).click();
    await expect(page.getByText('“wide” was not understood')).toBeVisible();
    await expect(page.getByLabel('Height')).toHaveValue('16 in');
    await page.getByLabel('Strip', { exact: true }).fill('2.5');
    await page.getByLabel('Pull').fill('30 %');
    await page.getByLabel('One whole piece weighs').fill('160 g');
    await page.getByLabel('Pieces alike').fill('2');
    await page.getByRole('button', { name: 'Lay it out' }).click();

    const table = page.getByRole('table');
    await expect(table.getByRole('row', { name: 'strips of one' })).toContainText('16');
    await expect(table.getByRole('row', { name: 'joins in all' })).toContainText('31');
    await expect(page.getByText('Cut away from you,')).toBeVisible();
    // Sixteen diagonals in grass over the opened spine, numbered after trim and slits.
    const one = page.getByRole('group', { name: 'Cuts: one strand' });
    await expect(one.locator('path[stroke="#3D6B4A"][stroke-width="1.8"]')).toHaveCount(16);
    await expect(one.locator('title')).toHaveText('Cuts: one strand');

    await page.getByRole('button', { name: 'Cut it so' }).first().click();
    await expect(page.getByText('Begun.')).toBeVisible();
    const steps = page.locator('.steps li');
    const all = await steps.count();
    await steps.nth(0).getByRole('button').click();
    await expect(steps.nth(0)).toHaveClass(/done/);
    // Another device sees it, ticks the next, and this one follows without being touched.
    const other = await context.newPage();
    await other.goto(page.url());
    await expect(other.locator('.steps li.done')).toHaveCount(1);
    await other.locator('.steps li').nth(1).getByRole('button').click();
    await expect(page.locator('[data-done]')).toHaveText('2', { timeout: 15_000 });
    await other.close();
    for (let step = 2; step < all; step++) {
        await steps.nth(step).getByRole('button').click();
    }
    await expect(page.locator('[data-done]')).toHaveText(String(all));
    await page.reload();
    await expect(page.locator('.steps li.done')).toHaveCount(all);
    await page.getByLabel('It weighs').fill('304 g');
    await page.getByLabel('It is long').fill('38 m');
    await page.getByLabel('New material’s name').fill('Shirt yarn');
    await page.getByRole('button', { name: 'Put it in the stash' }).click();
    await expect(page.getByRole('heading', { name: 'Shirt yarn' })).toBeVisible();
    await expect(page.locator('.figures')).toContainText('8.0');
    await expect(page.getByText('cut into strand')).toHaveCount(2);

    await page.goto('/cutting?kind=bag');
    await page.getByLabel('Width lying flat').fill('28');
    await page.getByLabel('Each side is folded in by').fill('8');
    await page.getByLabel('Height').fill('50');
    await page.getByLabel('Handles cut off').fill('12');
    await page.getByLabel('Bottom seam cut off').fill('3');
    await page.getByLabel('Strip', { exact: true }).fill('5');
    await page.getByLabel('One whole piece weighs').fill('8.6');
    await page.getByLabel('Pieces alike').fill('6');
    await page.getByRole('button', { name: 'Lay it out' }).click();
    await expect(page.getByText('Plastic bags suffocate:')).toBeVisible();
    await page.getByRole('button', { name: 'Cut it so' }).last().click();
    for (const button of await page.locator('.steps button').all()) {
        await button.click();
    }
    await page.getByRole('button', { name: 'Put it in the stash' }).click();
    // 42 loops of 44 cm less their hitch.
    await expect(page.locator('.figures')).toContainText('18');
    await page.goto('/stash');
    await expect(page.locator('.shelf > li')).toHaveCount(2);
    await page.getByRole('button', { name: 'List' }).click();
    await expect(page.locator('.rows > li')).toHaveCount(2);
    await expect(page.getByText('plarn, looped')).toBeVisible();
});

test('raw pieces are chosen for the strand that is needed, and the first corrects the rest', async ({ page }) => {
    await register(page);
    await page.goto('/cutting/pieces/new');
    await page.getByLabel('Name').fill('Old shirts');
    await page.getByLabel('How many alike').fill('6');
    await page.getByLabel('Width lying flat').fill('50');
    await page.getByLabel('Height').fill('42');
    await page.getByLabel('One whole piece weighs').fill('150');
    await page.getByRole('button', { name: 'Keep' }).click();
    await page.getByRole('link', { name: 'I need…' }).click();
    await page.getByLabel('I need').fill('42 m');
    await page.getByLabel('of about').fill('7');
    await page.getByRole('button', { name: 'Choose the pieces' }).click();
    await expect(page.getByText('no choice as sure leaves less over')).toBeVisible();
    await expect(page.locator('.picked')).toContainText('3 × Old shirts');
    await page.getByLabel('Old shirts', { exact: true }).first().fill('13 m');
    await page.getByRole('button', { name: 'Choose anew' }).click();
    await expect(page.locator('.picked')).toContainText('Old shirts');
    await page.getByLabel('of about').fill('seven');
    await page.getByRole('button', { name: 'Choose anew' }).click();
    await expect(page.getByText('was not understood')).toBeVisible();
});

test('a drawing on paper is at true size, sheet by sheet', async ({ page }) => {
    await register(page);
    await page.goto(
        '/cutting/print?kind=bag&flat_width=30&height=40&trim_top=8&trim_bottom=3&strip=5&school=joined&size=true' +
            '&paper=a4',
    );
    await page.emulateMedia({ media: 'print' });
    const sheets = page.locator('.page-of-paper > svg');
    await expect(sheets).toHaveCount(4);
    // A CSS millimetre is 96/25.4 pixels: the bar of 10 cm, and the bag's own 30 by 40 over the sheets.
    const size = (mark) =>
        mark.evaluate((path) => [
            path.getBBox().width * path.getScreenCTM().a,
            path.getBBox().height * path.getScreenCTM().d,
        ]);
    const [bar] = await size(sheets.first().locator('[data-bar]'));
    expect(bar).toBeCloseTo((100 * 96) / 25.4, 1);
    const [wide, high] = await size(sheets.first().locator('svg > g > path').first());
    expect(wide).toBeCloseTo((300 * 96) / 25.4, 0);
    expect(high).toBeCloseTo((400 * 96) / 25.4, 0);
    const pdf = await page.pdf({ preferCSSPageSize: true });
    expect(pdf.toString('latin1').match(/\/Type \/Page\b/g)).toHaveLength(4);
    await expect(page.getByRole('button', { name: 'Print' })).toBeHidden();
});

test('a shirt is drawn before it is measured, and follows what is typed', async ({ page }) => {
    await register(page);
    await page.goto('/cutting');
    const cuts = page.locator('[data-cuts]');
    await expect(cuts).toContainText('Drawn as an example');
    await expect(cuts.getByRole('group', { name: 'Cuts: one strand' })).toBeVisible();
    await expect(cuts.getByRole('button', { name: 'Cut it so' })).toHaveCount(0);
    const strips = cuts.getByRole('row', { name: 'strips of one' });
    await expect(strips).toContainText('16');
    await page.getByLabel('Height').fill('26');
    await expect(strips).toContainText('10');
    await page.getByLabel('Strip', { exact: true }).fill('wide');
    await expect(page.getByText('“wide” was not understood')).toBeVisible();
    await expect(cuts).toContainText('Mend what is marked');
    await page.getByLabel('Strip', { exact: true }).fill('2');
    await page.getByLabel('Width lying flat').fill('40');
    await expect(strips).toContainText('13');
    await expect(cuts).not.toContainText('Drawn as an example');
    await expect(cuts.getByRole('button', { name: 'Cut it so' })).toHaveCount(2);
});
