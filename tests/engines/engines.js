import { spawn } from 'node:child_process';
import { existsSync, readdirSync } from 'node:fs';
import { createServer, request } from 'node:http';

import puppeteer from 'puppeteer-core';
import { Builder, By, Capabilities } from 'selenium-webdriver';

const PATIENCE = 20_000;
const wait = (ms) => new Promise((done) => setTimeout(done, ms));

/**
 * What passes on to the server as long as it is open: shut, the network is gone. Pages name where they were asked; here
 * that is this place.
 */
export async function network(to) {
    const there = new URL(to);
    const open = new Set();
    const relay = createServer((asked, answer) => {
        const here = `127.0.0.1:${at}`;
        const headers = { ...asked.headers, host: there.host, 'accept-encoding': 'identity' };
        for (const name of ['origin', 'referer']) {
            headers[name] &&= headers[name].replace(here, there.host);
        }
        const passed = request(
            { host: there.hostname, port: there.port, path: asked.url, method: asked.method, headers },
            (got) => {
                const told = { ...got.headers };
                told.location &&= told.location.replace(there.host, here);
                const chunks = [];
                got.on('data', (chunk) => chunks.push(chunk));
                got.on('end', () => {
                    const all = Buffer.concat(chunks);
                    const isText = /text|json|script/.test(told['content-type'] ?? '');
                    const body = isText ? Buffer.from(all.toString().replaceAll(there.host, here)) : all;
                    delete told['transfer-encoding'];
                    answer.writeHead(got.statusCode, { ...told, 'content-length': body.length });
                    answer.end(body);
                });
            },
        );
        passed.on('error', () => answer.destroy());
        asked.pipe(passed);
    });
    relay.on('connection', (one) => {
        open.add(one);
        one.on('close', () => open.delete(one));
    });
    const listen = (on) => new Promise((done) => relay.listen(on, '127.0.0.1', done));
    await listen(0);
    const at = relay.address().port;

    return {
        address: `http://127.0.0.1:${at}`,
        open: () => listen(at),
        shut: () =>
            new Promise((done) => {
                relay.close(done);
                open.forEach((one) => one.destroy());
            }),
    };
}

/** One browser: what a maker does with it. `near` are the few things that each engine does in its own way. */
class Engine {
    constructor(name, home, near) {
        Object.assign(this, { name, home, near });
    }

    go(path) {
        return this.near.go(new URL(path, this.home).href);
    }

    run(code, ...args) {
        return this.near.run(`return (${code})(...arguments)`, args);
    }

    /** Until something is so; what it was last is told where it never is. */
    async until(said, asks) {
        const end = Date.now() + PATIENCE;
        let last;
        do {
            try {
                last = await asks();
                if (last === true) {
                    return;
                }
            } catch (error) {
                last = error.message;
            }
            await wait(150);
        } while (Date.now() < end);
        const page = await this.run(`() => location.pathname + ': ' + document.querySelector('main')?.innerText`);
        throw new Error(`${this.name}: ${said}; it was ${JSON.stringify(last)}\n${page.slice(0, 1000)}`);
    }

    says(css, what) {
        return this.until(`${css} says ${what}`, async () => {
            const text = await this.run(`(css) => document.querySelector(css)?.textContent ?? ''`, css);

            return (what instanceof RegExp ? what.test(text) : text.includes(what)) || text.trim();
        });
    }

    /** What answers a key may move what is pressed: first it rests. */
    rests(css) {
        let before = '';

        return this.until(`${css} is there and rests`, async () => {
            const at = await this.run(
                `(css) => {
                    const one = document.querySelector(css);
                    one?.scrollIntoView({ block: 'center' });
                    const { x, y, width } = one?.getBoundingClientRect() ?? { width: 0 };
                    return one === null || width === 0 || one.disabled ? '' : [x, y, scrollY].join();
                }`,
                css,
            );
            const isAtRest = at !== '' && at === before;
            before = at;

            return isAtRest;
        });
    }

    async press(css) {
        await this.rests(css);
        await this.near.press(css);
    }

    async type(css, text) {
        await this.rests(css);
        await this.near.type(css, text);
    }

    close() {
        return this.near.close();
    }
}

/** WebKit as phones have it, under a screen that nobody sees. */
export async function webkit(home) {
    const folder = '/usr/lib/x86_64-linux-gnu';
    const browser = readdirSync(folder)
        .filter((one) => one.startsWith('webkit2gtk-'))
        .map((one) => `${folder}/${one}/MiniBrowser`)
        .find(existsSync);
    const display = `:${90 + (process.pid % 400)}`;
    const port = 20_000 + (process.pid % 20_000);
    const screen = spawn('Xvfb', [display, '-screen', '0', '1280x900x24'], { stdio: 'ignore' });
    await wait(700);
    const server = spawn('WebKitWebDriver', ['-p', String(port)], {
        stdio: 'ignore',
        env: { ...process.env, DISPLAY: display, WEBKIT_DISABLE_COMPOSITING_MODE: '1', GSK_RENDERER: 'cairo' },
    });
    await wait(500);
    const driver = await new Builder()
        .usingServer(`http://127.0.0.1:${port}`)
        .withCapabilities(
            new Capabilities({
                browserName: 'MiniBrowser',
                'webkitgtk:browserOptions': { binary: browser, args: ['--automation'] },
            }),
        )
        .build();

    return new Engine('WebKit', home, {
        go: (address) => driver.get(address),
        run: (code, args) => driver.executeScript(code, ...args),
        press: (css) => driver.findElement(By.css(css)).click(),
        type: async (css, text) => {
            const field = driver.findElement(By.css(css));
            await field.clear();
            await field.sendKeys(text);
        },
        close: async () => {
            await driver.quit().catch(() => {});
            server.kill();
            screen.kill();
        },
    });
}

export async function firefox(home) {
    const browser = await puppeteer.launch({
        browser: 'firefox',
        executablePath: '/usr/bin/firefox-esr',
        headless: true,
        defaultViewport: { width: 1280, height: 800 },
    });
    const page = await browser.newPage();

    return new Engine('Firefox', home, {
        go: (address) => page.goto(address, { waitUntil: 'load' }),
        run: (code, args) => page.evaluate((body, given) => new Function(body).apply(null, given), code, args),
        press: async (css) => (await page.$(css)).click(),
        type: async (css, text) => {
            await page.evaluate((one) => {
                document.querySelector(one).value = '';
            }, css);
            await page.type(css, text);
        },
        close: () => browser.close(),
    });
}
