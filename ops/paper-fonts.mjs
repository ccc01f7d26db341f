// Fonts for paper: the PDF writer reads TrueType, the packages ship WOFF, which is the same tables each deflated (W3C, WOFF 1.0).
import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { inflateSync } from 'node:zlib';

const FONTS = { text: ['atkinson-hyperlegible-next', 400, 700], name: ['bricolage-grotesque', 700, 700] };
const OUT = 'public/build/paper';

function trueType(woff) {
    const count = woff.readUInt16BE(12);
    const head = Buffer.alloc(12 + 16 * count);
    const power = 2 ** Math.floor(Math.log2(count));
    head.writeUInt32BE(woff.readUInt32BE(4), 0);
    head.writeUInt16BE(count, 4);
    head.writeUInt16BE(16 * power, 6);
    head.writeUInt16BE(Math.log2(power), 8);
    head.writeUInt16BE(16 * (count - power), 10);
    const tables = [];
    let at = head.length;
    for (let table = 0; table < count; table++) {
        const entry = 44 + 20 * table;
        const [offset, packed, length] = [4, 8, 12].map((field) => woff.readUInt32BE(entry + field));
        const raw = woff.subarray(offset, offset + packed);
        const data = packed < length ? inflateSync(raw) : raw;
        const place = 12 + 16 * table;
        woff.copy(head, place, entry, entry + 4);
        woff.copy(head, place + 4, entry + 16, entry + 20);
        head.writeUInt32BE(at, place + 8);
        head.writeUInt32BE(length, place + 12);
        const padded = Buffer.alloc(4 * Math.ceil(length / 4));
        data.copy(padded);
        tables.push(padded);
        at += padded.length;
    }

    return Buffer.concat([head, ...tables]);
}

mkdirSync(OUT, { recursive: true });
for (const [use, [family, plain, bold]] of Object.entries(FONTS)) {
    for (const subset of ['latin', 'latin-ext']) {
        for (const [style, weight] of [['plain', plain], ['bold', bold]]) {
            const woff = readFileSync(`node_modules/@fontsource/${family}/files/${family}-${subset}-${weight}-normal.woff`);
            writeFileSync(`${OUT}/${use}-${subset}-${style}.ttf`, trueType(woff));
        }
    }
}
