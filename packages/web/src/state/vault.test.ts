import 'fake-indexeddb/auto';
import { createStore, entries } from 'idb-keyval';
import { afterEach, expect, test, vi } from 'vitest';
import { canKeepVault, Vault } from './vault.ts';

afterEach(() => vi.unstubAllGlobals());

test('what is kept is there again for whoever opens the same one, and only for it', async () => {
  const vault = new Vault('a');
  expect(await vault.write('child', { name: 'Tove', allergies: ['egg'] })).toBe(true);
  expect(await new Vault('a').read('child')).toEqual({ name: 'Tove', allergies: ['egg'] });
  expect([await new Vault('b').read('child'), await vault.read('other')]).toEqual([undefined, undefined]);
  expect(await vault.names()).toEqual(['child']);
  await vault.remove(['child']);
  expect([await vault.read('child'), await vault.names()]).toEqual([undefined, []]);
});

test('what lies on the device says nothing without the key, and the key cannot be taken out', async () => {
  await new Vault('c').write('child', { name: 'Tove' });
  const lying = await entries(createStore('c', 'kept'));
  const words = lying.map(([, value]) =>
    value instanceof CryptoKey ? '' : new TextDecoder().decode((value as { content: ArrayBuffer }).content),
  );
  expect(words.join('')).not.toContain('Tove');
  const key = lying.map(([, value]) => value as CryptoKey).find((value) => value instanceof CryptoKey)!;
  await expect(crypto.subtle.exportKey('raw', key)).rejects.toThrow();
});

test('forgotten: nothing comes back, and something new can be kept', async () => {
  const vault = new Vault('d');
  await vault.write('child', 'Tove');
  await vault.forget();
  expect([await vault.read('child'), await vault.names()]).toEqual([undefined, []]);
  await vault.write('child', 'Noor');
  expect(await vault.read('child')).toBe('Noor');
});

test('what was ciphered by another key, or is broken, is as if it was not there', async () => {
  const vault = new Vault('e');
  await vault.write('child', 'Tove');
  const { set } = await import('idb-keyval');
  await set('child', { nonce: new Uint8Array(12), content: new ArrayBuffer(40) }, createStore('e', 'kept'));
  expect(await vault.read('child')).toBeUndefined();
});

test('without ciphers, as on a plain connection, nothing is kept and nothing fails', async () => {
  vi.stubGlobal('crypto', {});
  expect(canKeepVault()).toBe(false);
  const vault = new Vault('f');
  expect([await vault.write('a', 1), await vault.read('a'), await vault.names()]).toEqual([
    false,
    undefined,
    [],
  ]);
  await vault.forget();
});
