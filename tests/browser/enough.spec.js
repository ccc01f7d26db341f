import { expect, test } from '@playwright/test';
import { inspect, measureSwatch, planBag, register, toteOnPlan, weighCord } from './maker.js';

test('a weigh-in turns enough into runs out, and a mend turns it back', async ({ page }) => {
    await toteOnPlan(page);
    await page.getByRole('link', { name: 'Enough?' }).click();
    await expect(page.getByText('The strand is likely to reach')).toBeVisible();
    await page.getByLabel('After', { exact: true }).selectOption('Round 6');
    await page.getByLabel('is left').fill('half of it');
    await page.getByRole('button', { name: 'Enter it' }).click();
    await expect(page.getByRole('alert')).toContainText('was not understood');
    await expect(page.getByLabel('is left')).toHaveValue('half of it');
    await page.getByLabel('After', { exact: true }).selectOption('Round 6');
    await page.getByLabel('is left').fill('590');
    await page.getByRole('button', { name: 'Enter it' }).click();
    await expect(page.getByText('Runs out in Round')).toBeVisible();
    await expect(page.getByRole('img', { name: 'as each weigh-in narrows it' })).toContainText('after Round 6');
    const mend = page.locator('.mends li').filter({ hasText: /body rounds? fewer/ });
    const fewer = Number(/Work (\d+) body/.exec(await mend.textContent())?.[1] ?? 1);
    await mend.getByRole('button', { name: /^Take it/ }).click();
    await expect(page.getByRole('status')).toContainText('Taken: Work');
    await expect(page.getByText('The strand is likely to reach')).toBeVisible();
    await expect(page.locator('.figures .good')).toBeVisible();
    // As it said: so many rounds fewer, on Plan. And one step back.
    await page.getByRole('link', { name: 'Plan', exact: true }).click();
    await expect(page.getByLabel('Rounds of body', { exact: true })).toHaveValue(String(14 - fewer));
    await page.goBack();
    await page.reload();
    await expect(page.getByText('The strand is likely to reach')).toBeVisible();
});

test('a line of mesh mends it, is drawn and written, and is undone', async ({ page }) => {
    await toteOnPlan(page);
    await page.getByRole('link', { name: 'Enough?' }).click();
    // The swatch came out of the same ball: then it is not enough.
    await page.getByRole('button', { name: 'Count it' }).click();
    await expect(page.getByRole('row', { name: /swatch/ })).toContainText('79');
    const mend = page.locator('.mends li').filter({ hasText: 'mesh' });
    await mend.getByRole('button', { name: /^Take it/ }).click();
    await expect(page.locator('.figures .good')).toBeVisible();
    await page.getByRole('link', { name: 'Words' }).click();
    await expect(page.getByText(/\[dc in next \w+, ch 1, sk next [^\]]+\] \d+ times/).first()).toBeVisible();
    await page.goBack();
    await page.getByRole('button', { name: 'Undo', exact: true }).click();
    await expect(page.getByRole('status')).toContainText('It is as it was');
    await page.getByRole('link', { name: 'Plan', exact: true }).click();
    await expect(page.locator('[data-region="station-body"]')).not.toContainText('mesh');
});

test('bands and several materials are chosen on Plan and redrawn in place', async ({ page }) => {
    await register(page);
    await weighCord(page);
    await page.goto('/stash/new');
    await page.getByLabel('Name').fill('Pale cord');
    await page.getByLabel('Colour').fill('#eeddcc');
    await page.getByLabel('Thickness').fill('4');
    await page.getByLabel('Its length').fill('1 m');
    await page.getByLabel('What it weighs').fill('7 g');
    await page.getByLabel('What is on hand weighs').fill('100 g');
    await page.getByRole('button', { name: 'Keep' }).click();
    await measureSwatch(page);
    await planBag(page);
    await page.locator('[data-station="4"] > summary').click();
    await page.getByText('Above that', { exact: true }).click();
    await page.getByLabel('Band 2, stitch').selectOption('mesh');
    // Two bands that both follow the height: said at the field, and mended there.
    await expect(page.locator('[data-wrong="body.above.0.rounds"]')).toContainText('one band alone');
    await page.getByLabel('Band 2, rounds of body').fill('4');
    await expect(page.locator('[data-saved]')).toHaveText('kept just now');
    await expect(page.locator('[data-region="station-body"]')).toContainText('mesh, 4 rounds');
    await expect(page.locator('[data-region="drawing"]')).toContainText('mesh: ');
    await page.locator('[data-station="2"] > summary').click();
    await page.getByLabel('Material', { exact: true }).selectOption('Tarred cord');
    await expect(page.locator('[data-region="material-name"]')).toHaveText('Tarred cord');
    await page.getByText('Other materials, from a round on').click();
    await page.getByLabel('Change 1, material').selectOption('Pale cord');
    await page.getByLabel('Change 1, from round').fill('90');
    await expect(page.locator('[data-wrong="changes"]')).toContainText('this bag has no “Round 90”');
    await page.getByLabel('Change 1, from round').fill('9');
    await expect(page.locator('[data-saved]')).toHaveText('kept just now');
    const tally = page.locator('[data-region="tally"]');
    await expect(tally).toContainText('then Pale cord');
    await expect(tally).toContainText('Another material may run out.');
    await expect(page.locator('[data-region="drawing"] [stroke="#eeddcc"]').first()).toBeAttached();
    // Back to the first, and to the other again: stripes, of which each is weighed in its own rounds.
    await page.getByLabel('Change 2, material').selectOption('the bag’s own');
    await page.getByLabel('Change 2, from round').fill('11');
    await page.getByLabel('Change 3, material').selectOption('Pale cord');
    await page.getByLabel('Change 3, from round').fill('13');
    await expect(tally).toContainText('from rounds 9 and 13');
    await expect(page.locator('[data-saved]')).toHaveText('kept just now');
    await page.reload();
    await page.locator('[data-station="4"] > summary').click();
    await expect(page.getByLabel('Band 2, stitch')).toHaveValue('mesh');
    await page.locator('[data-station="2"] > summary').click();
    await expect(page.getByLabel('Change 2, from round')).toHaveValue('11');
    // By turns, every two rounds from the last change on, and back to what was typed.
    await page.getByLabel('Then by turns').fill('2');
    await expect(tally).toContainText('from rounds 9, 13, 17');
    await page.getByLabel('Then by turns').fill('');
    await expect(tally).toContainText('from rounds 9 and 13');
    await expect(page.locator('[data-saved]')).toHaveText('kept just now');
    await page.getByRole('link', { name: 'Enough?' }).click();
    await page.getByLabel('After').selectOption('Round 9, Pale cord');
    await page.getByLabel('is left').fill('200 g');
    await page.getByRole('button', { name: 'Enter it' }).click();
    await expect(page.getByRole('alert')).toContainText('200 g left of 100 g that were on hand?');
    // The ball on the scale, its reading at a press in place of what was typed.
    await page.getByText('The kitchen scale').click();
    const scale = page.getByRole('region', { name: 'Kitchen scale' });
    await scale.getByLabel('Lay on the pan').fill('60 g');
    await scale.getByRole('button', { name: 'Lay it on' }).click();
    await expect(scale.locator('[data-shown]')).toHaveText(/^(5[89]|6[0-2]) g$/);
    await expect(scale.locator('.display')).toHaveClass(/resting/);
    await page.getByRole('button', { name: 'Take the scale’s reading' }).click();
    await expect(page.getByLabel('is left')).toHaveValue(/^(5[89]|6[0-2]) g$/);
    await page.getByRole('button', { name: 'Enter it' }).click();
    await expect(page.locator('.weigh-ins')).toContainText('after Round 9, Pale cord');
    await expect(page.getByText('Pale cord runs out in Round')).toBeVisible();
});

test('a hook trial leads to a chosen hook and to a plan', async ({ page }) => {
    await register(page);
    await weighCord(page);
    await measureSwatch(page);
    await planBag(page);
    await page.goto('/swatches/trial');
    await page.getByLabel('Hook', { exact: true }).fill('10 mm');
    await page.getByLabel('What the tape says').fill('sixteen chains');
    await page.getByRole('button', { name: 'Put it beside the others' }).click();
    await expect(page.getByText('Line 1')).toBeVisible();
    await page.getByLabel('What the tape says').fill('16 chains = 22 cm\n31 rows = 42 cm');
    await page.getByLabel('One stitch weighs').fill('0.95');
    await page.getByRole('button', { name: 'Put it beside the others' }).click();
    await expect(page.getByRole('status')).toContainText('Tried on 10 mm');
    await page.getByRole('button', { name: /^Choose Tarred cord, sc on 10 mm/ }).click();
    await expect(page.locator('.trial .mine')).toContainText('chosen');
    await page.goto('/bags');
    await page.getByRole('link', { name: 'Pier tote' }).click();
    await page.getByRole('link', { name: 'What if' }).click();
    await page.getByRole('button', { name: 'Take Tarred cord on 10 mm, the size kept' }).click();
    await expect(page.getByRole('status')).toContainText('by your swatch “Tarred cord, sc on 10 mm”');
    await expect(page.locator('[data-region="station-material"]')).toHaveText('10 mm hook');
    await expect(page.locator('[data-region="tally"]')).toContainText('from swatch');
});

test('what if: other materials follow the page; one that does not come can be asked for', async ({ page }) => {
    await toteOnPlan(page);
    await weighCord(page, 'Mooring cord');
    await page.goto('/bags');
    await page.getByRole('link', { name: 'Pier tote' }).click();
    await page.route('**/what-if/*', (route) => route.abort());
    await page.getByRole('link', { name: 'What if' }).click();
    const other = page.locator('tbody').filter({ hasText: 'Mooring cord' });
    await expect(other.getByRole('link', { name: 'Reckon it too' })).toBeVisible();
    await expect(page.getByRole('button', { name: 'Take Tarred cord on 8 mm, the counts kept' })).toBeVisible();
    await page.unroute('**/what-if/*');
    await page.reload();
    await expect(other.locator('.size-mark')).toHaveCount(6);
    await inspect(page);
    await page.getByRole('button', { name: 'Take Mooring cord on 10 mm, the counts kept' }).click();
    await expect(page.getByRole('status')).toContainText('Taken: Mooring cord on 10 mm');
});

/** A table seen aslant by a map of our own, mm to pixels of a picture of 1400 by 1100. */
const see = (x, y) => {
    const depth = 0.0006 * x - 0.0004 * y + 1.1;

    return [(7 * x + 0.8 * y + 160) / depth, (-0.5 * x + 6.5 * y + 180) / depth];
};

/** A card, a run of ten stitches of 12 mm and one of ten rows of 11.5. */
const MARKS = {
    card1: see(0, 0),
    card2: see(85.6, 0),
    card3: see(85.6, 53.98),
    card4: see(0, 53.98),
    st1: see(20, 90),
    st2: see(140, 90),
    row1: see(120, 0),
    row2: see(120, 115),
};

async function layPicture(page) {
    await page.goto('/swatches/pictures');
    const picture = await page.evaluate((marks) => {
        const canvas = new OffscreenCanvas(1400, 1100);
        const pen = canvas.getContext('2d');
        pen.fillStyle = '#cdbf9f';
        pen.fillRect(0, 0, 1400, 1100);
        pen.fillStyle = '#33475f';
        pen.beginPath();
        ['card1', 'card2', 'card3', 'card4'].forEach((corner) => pen.lineTo(...marks[corner]));
        pen.fill();
        pen.lineWidth = 4;
        for (const run of ['st', 'row']) {
            pen.beginPath();
            pen.moveTo(...marks[`${run}1`]);
            pen.lineTo(...marks[`${run}2`]);
            pen.stroke();
        }

        return canvas
            .convertToBlob({ type: 'image/jpeg' })
            .then((blob) => blob.arrayBuffer())
            .then((bytes) => [...new Uint8Array(bytes)]);
    }, MARKS);
    await page
        .getByLabel('Picture')
        .setInputFiles({ name: 'swatch.jpg', mimeType: 'image/jpeg', buffer: Buffer.from(picture) });
    await page.getByRole('button', { name: 'Lay it on the table' }).click();
}

/** Twelve and eleven and a half millimetres. */
async function expectMeasured(measured) {
    await expect(measured.locator('b')).toHaveText([/^1[12]\.\d\d ±\s/, /^1[12]\.\d\d ±\s/]);
    const said = (await measured.locator('b').allTextContents()).map((text) => Number.parseFloat(text));
    expect(Math.abs(said[0] - 12)).toBeLessThan(0.2);
    expect(Math.abs(said[1] - 11.5)).toBeLessThan(0.2);
}

test('a photo with a card gives the gauge, by mouse and by keys', async ({ page }) => {
    await register(page);
    await weighCord(page);
    await layPicture(page);
    const svg = page.locator('.photo > svg');
    const box = await svg.boundingBox();
    const screen = ([x, y]) => [box.x + (x / 1400) * box.width, box.y + (y / 1100) * box.height];
    for (const [name, at] of Object.entries(MARKS)) {
        const mark = await page.locator(`[data-mark="${name}"]`).boundingBox();
        await page.mouse.move(mark.x + mark.width / 2, mark.y + mark.height / 2);
        await page.mouse.down();
        await page.mouse.move(...screen(at), { steps: 4 });
        await page.mouse.up();
    }
    // The last of the way by keys, under the loupe.
    await page.locator('[data-mark="st2"]').focus();
    await expect(page.locator('[data-loupe]')).toBeVisible();
    await page.keyboard.press('Shift+ArrowLeft');
    await page.keyboard.press('Shift+ArrowRight');
    await page.getByLabel('Stitches between the marks').fill('10');
    await page.getByLabel('Rows between the marks').fill('ten');
    const measured = page.locator('[data-region="measured"]');
    await expect(measured).toContainText('Write how many lie between');
    await page.getByLabel('Rows between the marks').fill('10');
    await expect(measured).toContainText('Say where the card lies');
    await page.getByLabel('The card lies').selectOption('on the fabric, or beside it as high');
    await expect(measured).toContainText('as large as it seems');
    // Measured as the marks move, and there again when the page is opened anew.
    await expectMeasured(measured);
    await page.reload();
    await expectMeasured(measured);
    await inspect(page, 'a marked picture');
    await page.getByLabel('Material').selectOption('Tarred cord');
    await page.getByLabel('Hook', { exact: true }).fill('8');
    await page.getByRole('button', { name: 'Keep it as a swatch' }).click();
    await expect(page.getByRole('status')).toContainText('measured from its picture');
    // Another hook beside it; the one of the picture is chosen, and the bag is planned of it.
    await page.getByLabel('Hook', { exact: true }).fill('9 mm');
    await page.getByLabel('What the tape says').fill('10 st = 13.4 cm\n10 rows = 12.9 cm');
    await page.getByRole('button', { name: 'Put it beside the others' }).click();
    await expect(page.locator('.trial tbody tr')).not.toHaveCount(1);
    await page.getByRole('button', { name: /^Choose Tarred cord, sc on 8/ }).click();
    await expect(page.getByRole('img', { name: 'A stitch is wide, mm, over the hooks' }).locator('circle')).toHaveCount(
        2,
    );
    await page.getByRole('link', { name: 'Plan a bag of it' }).click();
    await page.getByLabel('Name').fill('Picture tote');
    for (const [side, size] of [
        ['Length', '30'],
        ['Width', '12'],
        ['Height', '26'],
    ]) {
        await page.getByLabel(side).fill(size);
    }
    await page.getByRole('button', { name: 'Plan it' }).click();
    await expect(page.getByRole('heading', { name: 'Picture tote' })).toBeVisible();
    await expect(page.locator('[data-region="material-name"]')).toHaveText('Tarred cord');
    await expect(page.locator('[data-region="station-material"]')).toHaveText('8 mm hook');
    // As sure as the marks were.
    await expect(page.locator('[data-region="tally"]')).toContainText('in 9 of 10, as surely as it was measured');
});

test.describe('on a phone', () => {
    test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });

    test('a photo is marked by touch', async ({ page, context }) => {
        await register(page);
        await layPicture(page);
        const finger = await context.newCDPSession(page);
        const touch = (type, at) =>
            finger.send('Input.dispatchTouchEvent', { type, touchPoints: at ? [{ x: at[0], y: at[1] }] : [] });
        const svg = page.locator('.photo > svg');
        for (const [name, to] of Object.entries(MARKS)) {
            await svg.scrollIntoViewIfNeeded();
            const box = await svg.boundingBox();
            const mark = await page.locator(`[data-mark="${name}"]`).boundingBox();
            // A thumb wants room, and comes down beside the mark: the mark goes as far as the thumb does.
            expect(Math.min(mark.width, mark.height)).toBeGreaterThanOrEqual(24);
            const from = [mark.x + mark.width / 2, mark.y + mark.height / 2];
            const by = [box.x + (to[0] / 1400) * box.width - from[0], box.y + (to[1] / 1100) * box.height - from[1]];
            await touch('touchStart', [from[0] + 8, from[1] + 6]);
            await touch('touchMove', [from[0] + 8 + by[0] / 2, from[1] + 6 + by[1] / 2]);
            await touch('touchMove', [from[0] + 8 + by[0], from[1] + 6 + by[1]]);
            await touch('touchEnd');
            for (const axis of [0, 1]) {
                const field = page.locator(`[name="${name}${'xy'[axis]}"]`);
                expect(Math.abs(Number(await field.inputValue()) - to[axis])).toBeLessThan(0.2);
            }
        }
        await page.getByLabel('Stitches between the marks').fill('10');
        await page.getByLabel('Rows between the marks').fill('10');
        await page.getByLabel('The card lies').selectOption('on the fabric, or beside it as high');
        await expect(page.locator('[data-region="measured"]')).toContainText('as large as it seems');
        await expectMeasured(page.locator('[data-region="measured"]'));
        const sure = (await page.locator('[data-region="measured"] b').allTextContents()).map((text) =>
            Number(text.split('±')[1]),
        );
        expect(Math.min(...sure)).toBeGreaterThan(0.2);
        await inspect(page, 'a marked picture');
    });
});
