import { expect, test } from '@playwright/test';
import { register, signInToDemo } from './maker.js';

/**
 * One bag of each way by thumb, from the first row to made again. At every station its figures are compared with what
 * this reckons by itself of the same moment: the pattern as a reader counts it, the strand by the handbook's lengths of
 * a stitch, sc ≈ 4(w+h) and the others beside it.
 */
const LOOPS = {
    'sl st': ([w]) => 3.5 * w,
    tr: ([w, h]) => 4 * (w + 3 * h) + 4 * w,
    hdc: ([w, h]) => 4 * (w + 1.5 * h) + 1.3 * w,
    dc: ([w, h]) => 4 * (w + 2 * h) + 2 * w,
    sc: ([w, h]) => 4 * (w + h),
    ch: ([w]) => 3.2 * w,
};
/** Spread of those lengths, from memory; and grams of tails, joins and rounding in a row. */
const SPREAD = 0.3;
const TAILS = 12;

const millimetres = (text) => Number.parseFloat(text) * (text.endsWith('cm') ? 10 : 1);
const number = (text) => Number(text.replaceAll(/[^\d.]/g, ''));

/** Grams that a row takes; null where the bag's gauge was not measured in single crochet. */
function grams(document, row, kinds) {
    const { gauge } = document;
    if (gauge?.stitch !== 'sc' || gauge.mass === undefined) {
        return null;
    }
    const size = [millimetres(gauge.width) / gauge.stitches, millimetres(gauge.height) / gauge.rows];
    const one = Number.parseFloat(gauge.mass) / (gauge.stitches * gauge.rows);

    const named = (said) =>
        Object.keys(LOOPS).find((name) =>
            new RegExp(`\\b${name}s?\\b`, 'i').test(
                said
                    .replace('Chain', 'ch')
                    .replace('Crab st', 'sc')
                    .replace(/ in .*/, ''),
            ),
        );
    const takes = (said, stitches) =>
        named(said) === undefined ? 0 : (stitches * one * LOOPS[named(said)](size)) / LOOPS.sc(size);

    return kinds[row.kind].groups.reduce((sum, [said, stitches]) => {
        const [, inside, times] = said.match(/^\[(.*)\] (\d+) times/) ?? [];

        return (
            sum +
            (inside === undefined
                ? takes(said, stitches)
                : times *
                  inside
                      .split(', ')
                      .reduce((all, each) => all + takes(each, Number(each.match(/ch (\d+)/)?.[1] ?? 1)), 0))
        );
    }, 0);
}

/** One document of each way that the demo has. */
async function ways(page) {
    await signInToDemo(page);
    const found = new Map();
    for (let number = 1; ; number++) {
        await page.goto(`/bags?page=${number}`);
        const bags = await page
            .locator('main a[href*="/bags/"]')
            .evaluateAll((all) =>
                all.map((one) => new URL(one.href).pathname.match(/^\/bags\/(\d+)$/)?.[1]).filter(Boolean),
            );
        if (bags.length === 0) {
            break;
        }
        for (const bag of new Set(bags)) {
            const document = await (await page.request.get(`/bags/${bag}/export`)).json();
            found.set(document.build?.type ?? `${document.base.type}, ${document.working ?? 'spiral'}`, document);
        }
    }

    return [...found];
}

/** By name of the row: what the Words page counts at its end. */
async function counted(page) {
    await expect(page.locator('.words .count', { hasText: '(' }).first()).toBeVisible();
    const counts = await page.locator('.words li .count').allTextContents();

    const anchors = (text) =>
        text.split(', ').reduce((sum, one) => {
            const [, many, chains] = one.match(/^(\d+)(?: ch-(\d+) sps?)?/) ?? [];

            return sum + Number(many ?? 0) * Number(chains ?? 1);
        }, 0);

    return new Set(
        counts
            .flatMap((text) => text.replace(/[()]/g, '').split(' / '))
            .filter(Boolean)
            .map(anchors),
    );
}

async function walk(page, way, document) {
    await page.goto('/bags/import');
    await page.getByLabel('or its text').fill(
        JSON.stringify({
            ...document,
            weigh_ins: undefined,
            material: { ...document.material, on_hand: '4 kg', unit: undefined },
        }),
    );
    await page.getByRole('button', { name: 'Read it', exact: true }).tap();
    await expect(page.getByRole('link', { name: 'Words' })).toBeVisible();
    const bag = new URL(page.url()).pathname;
    const tally = page.locator('[data-region="tally"]');
    const whole = number(await tally.locator('dd:has-text(" g") .large').first().textContent());
    const flat = (await tally.textContent()).match(/([\d.]+) × [\d.]+ cm/)?.[1];
    await page.goto(`${bag}/words`);
    const counts = await counted(page);
    await page.goto(`${bag}/enough`);
    const table = await page
        .locator('details table.compare tbody tr')
        .evaluateAll((rows) =>
            rows.map((row) => [...row.querySelectorAll('td')].map((cell) => cell.firstChild?.textContent ?? '')),
        );
    await page.goto(`${bag}/work`);
    await expect(page.locator('[data-kept]')).toHaveText('kept, sent ✓');
    await page.getByRole('button', { name: 'More', exact: true }).tap();
    await page.getByLabel('Ask for counts').selectOption('none');
    await page.getByRole('button', { name: 'Close' }).tap();
    const course = JSON.parse(await page.locator('[data-course]').textContent());
    const figure = async (which, of) =>
        number(await page.locator(`[data-strand="${which}"] [data-of="${of}"]`).textContent());
    const differ = [];
    const before = { left: await figure(0, 'left'), come: await figure(0, 'come') };
    if (before.left !== 4000 || Math.abs(before.come - whole) > 1) {
        differ.push(`at first: ${before.left} left of 4000, ${before.come} to come of ${whole}`);
    }
    let [own, told] = [0, 0];
    for (const [place, row] of course.rows.entries()) {
        await expect(page.locator('[data-row]')).toHaveText(row.called);
        const leaves = Number((await page.locator('[data-whole]').textContent()).match(/(\d+) at its end/)[1]);
        if (!counts.has(leaves) && row.part !== 'seams') {
            differ.push(`${row.name} ends at ${leaves}, which Words does not count`);
        }
        const strand = row.strand ?? 0;
        const [was, come] = [await figure(strand, 'left').catch(() => 0), await figure(strand, 'come').catch(() => 0)];
        await page.locator('[data-go]').tap();
        if (strand > 0) {
            continue;
        }
        const [is, then] = [await figure(0, 'left'), await figure(0, 'come')];
        if (table[place][1] !== '' && number(table[place][1]) !== is) {
            differ.push(`${row.name}: Work ${is} g left, Enough? ${table[place][1]}`);
        }
        if (Math.abs(was - is - (come - then)) > 2 + TAILS * Number(place === course.rows.length - 1)) {
            differ.push(`${row.name}: ${was - is} g fewer left, ${come - then} fewer to come`);
        }
        const takes = grams(document, row, course.kinds);
        if (takes !== null && Math.abs(takes - (was - is)) > SPREAD * takes + TAILS) {
            const does = course.kinds[row.kind].groups.slice(0, 3).join('; ');
            differ.push(`${row.name} takes ${takes.toFixed(1)} by the handbook, Work says ${was - is}: ${does}`);
        }
        own += takes ?? was - is;
        told += was - is;
    }
    if (Math.abs(own - told) > SPREAD * told) {
        differ.push(`the whole takes ${own.toFixed(0)} by the handbook, Work says ${told}`);
    }
    await expect(page.locator('[data-row]')).toHaveText('All rows are done');
    await expect(page.locator('[data-kept]')).toHaveText('kept, sent ✓');
    const left = await figure(0, 'left');
    // Weighed at its end, what is left is what was weighed; written down, used is what has gone.
    await page.getByRole('button', { name: 'Weigh', exact: true }).tap();
    await page.getByLabel('It weighs').fill(`${left}`);
    await page.getByRole('button', { name: 'Enter it' }).tap();
    await expect(page.locator('[data-told]')).toContainText('g left after');
    // The sheet that closes steps back in the page's history, which may still be under way and end what is gone to.
    await expect(async () => {
        await page.goto(`${bag}/finish`);
        await expect(page.getByLabel('Lies, wide')).toBeVisible({ timeout: 4000 });
        await page.waitForTimeout(300);
        await page.getByLabel('Lies, wide').fill('33', { timeout: 4000 });
    }).toPass();
    await page.getByLabel('High', { exact: true }).fill('22');
    await page.getByLabel(/^Left of the/).fill(`${left}`);
    await page.getByRole('button', { name: 'Write it down' }).tap();
    const came = (await page.getByRole('region', { name: 'What it was' }).getByRole('table').textContent()).replaceAll(
        /\s+/g,
        ' ',
    );
    const off = (33 / Number(flat) - 1) * 100;
    const said = came.match(/lies wide\s*([\d.]+) cm\s*33\.0 cm\s*([+−]?[\d.]+) %/);
    if (said?.[1] !== flat || Math.abs(Number(said[2].replace('−', '-')) - off) > 0.5) {
        differ.push(`finished 33 cm wide, ${flat} planned, and it says ${came}`);
    }
    await page.getByRole('button', { name: 'A new bag like it' }).tap();
    await expect(page.getByRole('heading', { level: 1 })).toContainText(', again');
    await page.getByRole('link', { name: 'Words' }).tap();
    const again = await counted(page);
    if ([...again].join() !== [...counts].join()) {
        differ.push(`again it counts ${[...again].join()}, at first ${[...counts].join()}`);
    }

    return differ.map((one) => `${way}: ${one}`);
}

/** A quarter of the ways a day, by turns; all of them where there is time. */
const QUARTERS = [0, 1, 2, 3];
const today = Number(process.env.FESCUE_SEED ?? new Date().getDate()) % QUARTERS.length;

for (const part of QUARTERS) {
    const tag = part === today ? [] : ['@slow'];
    test(`one bag of each way, by thumb, quarter ${part + 1}`, { tag }, async ({ page, browser, baseURL }) => {
        test.slow();
        const all = (await ways(page)).filter((_, nth) => nth % QUARTERS.length === part);
        expect(all.length).toBeGreaterThan(1);
        const phone = await (
            await browser.newContext({ baseURL, viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true })
        ).newPage();
        await register(phone);
        const differ = [];
        for (const [way, document] of all) {
            await test.step(way, async () => {
                differ.push(...(await walk(phone, way, document)));
            });
        }
        expect(differ).toEqual([]);
        await phone.context().close();
    });
}
