import { crc32, deflateRawSync, deflateSync, gzipSync } from 'node:zlib';
import fc from 'fast-check';
import { oddText } from './odd';

/** A ZIP of one file, of which the head may say what is not so. */
function zipOf(name: string, content: Buffer, said: { readonly size?: number } = {}): Buffer {
  const packed = deflateRawSync(content);
  const size = said.size ?? content.length;
  const head = (signature: number, length: number): Buffer => {
    const bytes = Buffer.alloc(length);
    bytes.writeUInt32LE(signature, 0);
    return bytes;
  };
  const local = head(0x04034b50, 30);
  local.writeUInt16LE(20, 4);
  local.writeUInt16LE(8, 8);
  local.writeUInt32LE(crc32(content), 14);
  local.writeUInt32LE(packed.length, 18);
  local.writeUInt32LE(size, 22);
  local.writeUInt16LE(name.length, 26);
  const central = head(0x02014b50, 46);
  central.writeUInt16LE(20, 6);
  central.writeUInt16LE(8, 10);
  central.writeUInt32LE(crc32(content), 16);
  central.writeUInt32LE(packed.length, 20);
  central.writeUInt32LE(size, 24);
  central.writeUInt16LE(name.length, 28);
  const before = local.length + name.length + packed.length;
  const end = head(0x06054b50, 22);
  end.writeUInt16LE(1, 8);
  end.writeUInt16LE(1, 10);
  end.writeUInt32LE(central.length + name.length, 12);
  end.writeUInt32LE(before, 16);
  return Buffer.concat([local, Buffer.from(name), packed, central, Buffer.from(name), end]);
}

function chunk(type: string, body: Buffer): Buffer {
  const head = Buffer.alloc(8);
  head.writeUInt32BE(body.length, 0);
  head.write(type, 4);
  const tail = Buffer.alloc(4);
  tail.writeUInt32BE(crc32(Buffer.concat([Buffer.from(type), body])), 0);
  return Buffer.concat([head, body, tail]);
}

/** A PNG that says it is so wide and high, with hardly anything in it. */
function pngOf(width: number, height: number): Buffer {
  const head = Buffer.alloc(13);
  head.writeUInt32BE(width, 0);
  head.writeUInt32BE(height, 4);
  head.set([8, 2, 0, 0, 0], 8);
  const magic = Buffer.from([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a]);
  const pixels = deflateSync(Buffer.alloc(width < 100 ? height * (1 + 3 * width) : 4096));
  return Buffer.concat([magic, chunk('IHDR', head), chunk('IDAT', pixels), chunk('IEND', Buffer.alloc(0))]);
}

const SHEET = 'xl/worksheets/sheet1.xml';
/** What unpacks to very much takes its time: it is sent once, and not a thousand times. */
const HEAVY = /grows|lies|gzip/;
const MANY_MB = 30;
const zeros = Buffer.alloc(MANY_MB * 1024 * 1024);
const picture = pngOf(8, 8);

/** Files that were made to break whoever opens them, by what they are. */
export const HOSTILE: Readonly<Record<string, Buffer>> = {
  'a ZIP that grows a thousand times': zipOf(SHEET, zeros),
  'a ZIP that lies about its size': zipOf(SHEET, zeros, { size: 100 }),
  'a ZIP whose file climbs out': zipOf('../../../../tmp/climbed', Buffer.from('x')),
  'a ZIP cut in two': zipOf(SHEET, Buffer.from('<worksheet/>')).subarray(0, 60),
  'a sheet with an entity that doubles': zipOf(
    SHEET,
    Buffer.from('<!DOCTYPE a [<!ENTITY b "x"><!ENTITY c "&b;&b;&b;&b;">]><worksheet>&c;&c;</worksheet>'),
  ),
  'gzip of nothing': gzipSync(zeros),
  'a picture of four thousand million pixels': pngOf(65_535, 65_535),
  'a small picture': picture,
  'a picture with a page behind it': Buffer.concat([picture, Buffer.from('<script>alert(1)</script>')]),
  'a picture with a ZIP behind it': Buffer.concat([picture, zipOf(SHEET, Buffer.from('<worksheet/>'))]),
  'a picture cut in two': picture.subarray(0, 40),
  'a drawing with a script': Buffer.from('<svg xmlns="http://www.w3.org/2000/svg"><script>alert(1)</script></svg>'),
  'JSON without end': Buffer.from('['.repeat(100_000)),
  'JSON deep inside itself': Buffer.from(`{"kinds":${'{"a":['.repeat(5000)}1${']}'.repeat(5000)}}`),
  'JSON with the insides of objects': Buffer.from('{"kinds":{"__proto__":{"admin":true},"lots":[{"constructor":1}]}}'),
  'rows of formulas': Buffer.from('lot,pH\n=HYPERLINK("http://x"),=1+1\n"a\n=cmd",+3\n'),
  'a row without end': Buffer.from(`lot,${'pH,'.repeat(50_000)}\n1`),
  'text that is no text': Buffer.from([0xff, 0xfe, 0x00, 0xd8, 0x80, 0xc0, 0xaf]),
  'a zero byte': Buffer.from('lot,pH\nA\u0000B,5\n'),
  nothing: Buffer.alloc(0),
};

const LIGHT = Object.entries(HOSTILE).flatMap(([what, made]) => (HEAVY.test(what) ? [] : [made]));

/** A file: one that was made to break something, one with a wrong byte, or any bytes. */
export const file: fc.Arbitrary<Buffer> = fc.oneof(
  fc.constantFrom(...LIGHT),
  fc.tuple(fc.constantFrom(...LIGHT), fc.nat(), fc.nat({ max: 255 })).map(([whole, at, byte]) => {
    const copy = Buffer.from(whole);
    if (copy.length > 0) copy[at % copy.length] = byte;
    return copy;
  }),
  fc.uint8Array({ maxLength: 300 }).map((bytes) => Buffer.from(bytes)),
  fc
    .array(fc.array(oddText, { maxLength: 6 }), { maxLength: 6 })
    .map((rows) => Buffer.from(rows.map((cells) => cells.join(',')).join('\n'))),
);
