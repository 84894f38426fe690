import { PassThrough, Transform, Writable } from 'node:stream';
import { expect, it } from 'vitest';
import { takeBody } from './takeBody';

const refusing = (at: number): Transform => {
  let size = 0;
  return new Transform({
    transform(part: Buffer, _encoding, done) {
      size += part.length;
      if (size > at) done(new Error('too much'));
      else done(null, part);
    },
  });
};

const collecting = (): { readonly sink: Writable; readonly kept: () => string } => {
  let kept = '';
  const sink = new Writable({
    write(part: Buffer, _encoding, done) {
      kept += part.toString();
      done();
    },
  });
  return { sink, kept: () => kept };
};

it('keeps what the check lets through', async () => {
  const body = new PassThrough();
  const { sink, kept } = collecting();
  const taken = takeBody(body, refusing(100), sink);
  body.end('a pail');
  await taken;
  expect(kept()).toBe('a pail');
});

it('lets the rest run out where the check refuses, and does not cut whoever sends it off', async () => {
  const body = new PassThrough();
  const taken = takeBody(body, refusing(10), collecting().sink);
  body.write('x'.repeat(20));
  await expect(taken).rejects.toThrow('too much');
  expect(body.destroyed).toBe(false);
  const ended = new Promise((resolve) => body.once('end', resolve));
  for (let i = 0; i < 50; i += 1) body.write('y'.repeat(10_000));
  body.end();
  await ended;
});

it('fails where whoever sends it goes away in the middle', async () => {
  const body = new PassThrough();
  const taken = takeBody(body, refusing(1e6), collecting().sink);
  body.write('half');
  setImmediate(() => body.destroy());
  await expect(taken).rejects.toThrow('gone');
});
