import { expect, test } from '@playwright/test';
import { expectNoSpill, inspect, measureSwatch, register, signInToDemo, weighCord } from './maker.js';

const WIDTHS = {
    phone: { width: 390, height: 844 },
    laptop: { width: 1280, height: 800 },
    wide: { width: 1680, height: 1000 },
};

// What can be reached, by the station it belongs to: paths, and lists whose first entry's own pages are looked at.
const STATIONS = {
    Stash: {
        paths: [
            '/',
            '/stash',
            '/stash/new',
            '/stash/together',
            '/stash/import',
            '/stash/new?kind=tabs',
            '/stash/weigh',
            '/stash/weigh?piece_length=5&piece=42;43&with=x&turns=12&wrap_width=5',
            '/stash/ledger',
            '/stash/ledger?move=used&sort=largest',
            '/account',
        ],
        first: { '/stash': ['', '/edit'] },
    },
    'Cutting table': {
        paths: [
            '/cutting',
            '/cutting?kind=tube&flat_width=46&height=40.5&strip=2.5&pull=30&mass=180&pieces=2',
            '/cutting?kind=bag&flat_width=x&height=50&strip=5',
            '/cutting/print?kind=tube&flat_width=46&height=40.5&strip=2.5&size=true',
            '/cutting/pieces',
            '/cutting/pieces/new?kind=bag',
            '/cutting/choose?need=42&density=7',
            '/cutting/choose?need=lots&density=7',
            '/cutting/batches',
        ],
        first: { '/cutting/batches': [''], '/cutting/pieces': [''] },
    },
    Words: { paths: ['/words'], first: {} },
    Swatches: {
        paths: ['/swatches', '/swatches/new', '/swatches/trial', '/swatches/pictures', '/swatches/import'],
        first: { '/swatches': [''], '/swatches/pictures': [''] },
    },
    Bags: {
        paths: ['/bags', '/bags/new', '/bags/import'],
        first: { '/bags': ['', '/words', '/enough', '/what-if'] },
    },
};

async function firstIn(page, list) {
    await page.goto(list);
    return new URL(await page.locator('main li h2 a, .column li a').first().getAttribute('href')).pathname;
}

test('axe finds nothing and nothing spills before signing in', { tag: '@slow' }, async ({ page }) => {
    for (const [name, viewport] of Object.entries(WIDTHS)) {
        await page.setViewportSize(viewport);
        for (const path of [
            '/',
            '/sign-in',
            '/register',
            '/recover',
            '/begin?kind=plarn&bag=frame',
            '/begin/plan?bag=holes',
            '/count',
            '/no/such/page',
        ]) {
            await page.goto(path);
            await inspect(page, `${path}, ${name}`);
        }
    }
});

for (const [station, { paths, first }] of Object.entries(STATIONS)) {
    test(`axe finds nothing and nothing spills, ${station}`, { tag: '@slow' }, async ({ page }) => {
        await signInToDemo(page);
        const all = [...paths];
        for (const [list, pages] of Object.entries(first)) {
            const entry = await firstIn(page, list);
            all.push(...pages.map((end) => entry + end));
        }
        for (const [name, viewport] of Object.entries(WIDTHS)) {
            await page.setViewportSize(viewport);
            for (const path of all) {
                await page.goto(path);
                // Between laptop and wide nothing changes but the room there is.
                await (name === 'wide' ? expectNoSpill : inspect)(page, `${path}, ${name}`);
            }
        }
    });
}

for (const name of ['phone', 'laptop']) {
    test(`axe finds nothing in any station of a plan, ${name}`, { tag: '@slow' }, async ({ page }) => {
        await page.setViewportSize(WIDTHS[name]);
        await signInToDemo(page);
        await page.goto(await firstIn(page, '/bags'));
        for (const station of await page.locator('.station > summary').all()) {
            await station.click();
            await inspect(page, `station ${await station.textContent()}`);
        }
    });
}

test('axe finds nothing on empty and on refused pages', async ({ page }) => {
    await register(page);
    for (const path of [
        '/',
        '/stash',
        '/stash/ledger',
        '/stash/together',
        '/cutting/pieces',
        '/cutting/choose',
        '/cutting/batches',
        '/swatches',
        '/bags',
        '/bags/new',
    ]) {
        await page.goto(path);
        await inspect(page, path);
    }
    await page.goto('/stash/new');
    await page.getByLabel('Name').fill('x');
    await page.getByLabel('Thickness').fill('thin');
    await page.getByLabel('What it weighs').fill('heavy');
    await page.getByRole('button', { name: 'Keep' }).click();
    await expect(page.getByRole('alert')).toBeFocused();
    await inspect(page, 'refused cord');
    await page.goto('/bags/import');
    await page.getByRole('button', { name: 'Read it' }).click();
    await inspect(page, 'refused file');
});

test('the keyboard alone gets through', async ({ page }) => {
    await register(page);
    await weighCord(page);
    await measureSwatch(page);

    // From the top: past the stations by the skip link, then to the bags by two keys.
    await page.goto('/');
    await page.keyboard.press('Tab');
    await expect(page.getByText('Skip to the work')).toBeFocused();
    await page.keyboard.press('Enter');
    await expect(page.locator('main')).toBeFocused();
    await page.keyboard.press('?');
    await expect(page.getByRole('dialog')).toBeVisible();
    await page.keyboard.press('Escape');
    await expect(page.getByRole('dialog')).toBeHidden();
    await page.keyboard.press('g');
    await page.keyboard.press('b');
    await page.waitForURL('**/bags');

    const tabTo = async (what) => {
        for (let press = 0; press < 40; press++) {
            if (await what.evaluate((element) => element === document.activeElement)) {
                return;
            }
            await page.keyboard.press('Tab');
        }
        throw new Error(`Tab never reaches ${what}`);
    };
    await tabTo(page.getByRole('link', { name: 'Plan a bag' }).first());
    await page.keyboard.press('Enter');
    await page.waitForURL('**/begin');
    // What a field holds is marked as she comes to it: what she types takes its place.
    for (const [label, text] of [
        ['Long', '28'],
        ['Deep', '10'],
        ['High', '22'],
    ]) {
        await tabTo(page.getByLabel(label, { exact: true }));
        await page.keyboard.type(text);
    }
    await tabTo(page.getByRole('button', { name: 'Keep and see the whole plan' }));
    await page.keyboard.press('Enter');
    await expect(page.getByRole('heading', { name: 'Oval and slots' })).toBeVisible();

    // A digit opens a station; a choice is made with the arrows.
    await page.locator('main').focus();
    await page.keyboard.press('3');
    await expect(page.locator('[data-station="3"] > summary')).toBeFocused();
    await page.keyboard.press('Tab');
    await expect(page.locator('input[name="base[type]"][value="oval"]')).toBeFocused();
    await page.keyboard.press('Tab');
    await page.keyboard.press('ArrowDown');
    await expect(page.getByLabel('Around the ends')).toHaveValue('three');
    await expect(page.locator('[data-saved]')).toHaveText('kept just now');
    await tabTo(page.getByRole('textbox', { name: 'Rounds of base' }));
    await page.keyboard.type('3');
    await expect(page.locator('[data-region="station-base"]')).toContainText('3 rounds');
});
