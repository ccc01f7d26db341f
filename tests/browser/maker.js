import AxeBuilder from '@axe-core/playwright';
import { expect } from '@playwright/test';

let made = 0;

/** Registers a maker of her own for a test, and stands on her worktable. */
export async function register(page) {
    const email = `maker-${process.pid}-${Date.now()}-${++made}@pier.example`;
    await page.goto('/register');
    await page.getByLabel('Name').fill('Ilse');
    await page.getByLabel('Email').fill(email);
    await page.getByLabel('Password', { exact: true }).fill('a long password');
    await page.getByLabel('Password again').fill('a long password');
    await page.getByRole('button', { name: 'Register' }).click();
    await signInAsRegistered(page);
    await expect(page.getByText('Three things make a plan')).toBeVisible();

    return email;
}

/** Registering tells nobody whether there is an account: whoever made one signs in. */
export async function signInAsRegistered(page) {
    await page.getByLabel('Password').fill('a long password');
    await page.getByRole('button', { name: 'Sign in' }).click();
}

export async function weighCord(page, name = 'Tarred cord') {
    await page.goto('/stash/new');
    await page.getByLabel('Name').fill(name);
    await page.getByLabel('Thickness').fill('4');
    await page.getByLabel('Its length').fill('1 m');
    await page.getByLabel('What it weighs').fill('8,2 g');
    await page.getByLabel('What is on hand weighs').fill('900 g');
    await page.getByRole('button', { name: 'Keep' }).click();
    await expect(page.getByRole('status')).toContainText('8.2 g/m');
}

export async function measureSwatch(page) {
    await page.goto('/swatches/new');
    await page.getByLabel('Name').fill('sc on 8 mm');
    await page.getByLabel('Hook').fill('L-11');
    await page.getByLabel('Stitches', { exact: true }).fill('10');
    await page.getByLabel('measure across').fill('12 cm');
    await page.getByLabel('Rows', { exact: true }).fill('10');
    await page.getByLabel('measure up').fill('11.5');
    await page.getByLabel('Those stitches weigh').fill('79 g');
    await page.getByRole('button', { name: 'Keep' }).click();
    await expect(page.getByText('0.79')).toBeVisible();
}

export async function planBag(page) {
    await page.goto('/bags/new');
    await page.getByLabel('Name').fill('Pier tote');
    await page.getByLabel('Length').fill('30');
    await page.getByLabel('Width').fill('12 cm');
    await page.getByLabel('Height').fill('26');
    await page.getByRole('button', { name: 'Plan it' }).click();
    await expect(page.getByRole('heading', { name: 'Pier tote' })).toBeVisible();
}

/** A maker with a cord, a swatch, and on Plan a tote of given counts that they are enough for. */
export async function toteOnPlan(page) {
    await register(page);
    await weighCord(page);
    await measureSwatch(page);
    await planBag(page);
    await page.locator('[data-station="3"] > summary').click();
    await page.getByRole('textbox', { name: 'Chains to start' }).fill('22');
    await page.getByRole('textbox', { name: 'Rounds of base' }).fill('2');
    await page.locator('[data-station="4"] > summary').click();
    await page.getByLabel('Rounds of body', { exact: true }).fill('14');
    await expect(page.locator('[data-saved]')).toHaveText('kept just now');
}

/** The rounds of a bag as its Words page says them: name and count. */
export async function rounds(page) {
    // A link that leads to them may not have led there yet.
    await expect(page.locator('.words li .text').first()).toBeVisible();
    const names = await page.locator('.words li b').allTextContents();
    const texts = await page.locator('.words li .text').allTextContents();

    return names.map((name, place) => `${name}: ${texts[place].trim()}`);
}

export async function signInToDemo(page) {
    await page.goto('/sign-in');
    await page.getByRole('button', { name: 'Sign in' }).click();
    await expect(page.getByRole('heading', { name: 'Your worktable' })).toBeVisible();
}

/** Nothing for axe to find. No page holds a frame, so axe may stay in the page, which takes half the time. */
export async function inspect(page, where) {
    const { violations } = await new AxeBuilder({ page })
        .setLegacyMode()
        .withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'])
        .analyze();
    const found = violations.map(({ id, nodes }) => `${id}: ${nodes.map(({ target }) => target.join(' ')).join(', ')}`);
    expect(found, where).toEqual([]);
    await expectNoSpill(page, where);
}

export async function expectNoSpill(page, where) {
    const spill = await page.evaluate(
        () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
    );
    expect(spill, `${where} scrolls sideways`).toBeLessThanOrEqual(0);
}
