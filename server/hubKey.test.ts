import { mkdtempSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';

import { hubKey } from './hubKey';

describe('the key of the hub', () => {
  const folder = mkdtempSync(path.join(tmpdir(), 'hub-key-'));
  const file = path.join(folder, '.hub-key');
  afterEach(() => rmSync(file, { force: true }));
  afterAll(() => rmSync(folder, { recursive: true }));

  it('is the same at the next start, and for its owner’s eyes', () => {
    const key = hubKey(undefined, file);
    expect(key).toMatch(/^[\w-]{16}$/);
    expect(hubKey(undefined, file)).toBe(key);
    expect(statSync(file).mode & 0o077).toBe(0);
  });

  it('is another one when its file is deleted, or holds none', () => {
    const key = hubKey(undefined, file);
    rmSync(file);
    expect(hubKey(undefined, file)).not.toBe(key);
    writeFileSync(file, 'short');
    expect(hubKey(undefined, file)).toMatch(/^[\w-]{16}$/);
    expect(readFileSync(file, 'utf8').trim()).toMatch(/^[\w-]{16}$/);
  });

  it('is the one that was given, which is kept nowhere', () => {
    expect(hubKey('my-own-kitchen', file)).toBe('my-own-kitchen');
    expect(() => statSync(file)).toThrow();
    for (const bad of ['short', 'with a blank', 'naïve-key', ''])
      expect(() => hubKey(bad, file)).toThrow(RangeError);
  });

  it('is there where nothing can be kept', () => {
    expect(hubKey(undefined, path.join(folder, 'no', 'such', 'folder'))).toMatch(/^[\w-]{16}$/);
  });
});
