import { clear, createStore, delMany, get, keys, set, update, type UseStore } from 'idb-keyval';

/** Whether this page can keep what is private on the device: browsers cipher over a secure connection only. */
export const canKeepVault = (): boolean =>
  typeof indexedDB !== 'undefined' && globalThis.crypto?.subtle !== undefined;

const KEY = '#key';
const CIPHER = 'AES-GCM';
const NONCE_BYTES = 12;

/**
 * What is private and outlives the page, ciphered. The key is made here, cannot be taken out of the browser, and is destroyed when
 * somebody signs out: what is left then says nothing to anybody. Where the browser keeps nothing, nothing is kept: whoever
 * stores something here can go on without it.
 */
export class Vault {
  readonly #name: string;
  #opened: UseStore | null = null;

  /** @param name of the store on this device; another name has another key. */
  constructor(name: string) {
    this.#name = name;
  }

  /** What was kept under a name; undefined when nothing was, or it cannot be read any more. */
  async read(name: string): Promise<unknown> {
    return this.#tried(async (store) => {
      const key = await get<CryptoKey>(KEY, store);
      const kept = await get<{ nonce: Uint8Array<ArrayBuffer>; content: ArrayBuffer }>(name, store);
      if (!key || !kept) return undefined;
      const plain = await crypto.subtle.decrypt({ name: CIPHER, iv: kept.nonce }, key, kept.content);
      return JSON.parse(new TextDecoder().decode(plain)) as unknown;
    });
  }

  /** Keeps a value that can be JSON. Whether it was kept. */
  async write(name: string, value: unknown): Promise<boolean> {
    const done = await this.#tried(async (store) => {
      const key = (await get<CryptoKey>(KEY, store)) ?? (await this.#makeKey(store));
      const nonce = crypto.getRandomValues(new Uint8Array(NONCE_BYTES));
      const plain = new TextEncoder().encode(JSON.stringify(value));
      const content = await crypto.subtle.encrypt({ name: CIPHER, iv: nonce }, key, plain);
      await set(name, { nonce, content }, store);
      return true;
    });
    return done ?? false;
  }

  async names(): Promise<readonly string[]> {
    const all = await this.#tried(async (store) =>
      (await keys<string>(store)).filter((name) => name !== KEY),
    );
    return all ?? [];
  }

  async remove(names: readonly string[]): Promise<void> {
    await this.#tried((store) => delMany([...names], store));
  }

  /** Destroys the key, and with it all that was kept. */
  async forget(): Promise<void> {
    await this.#tried((store) => clear(store));
  }

  async #makeKey(store: UseStore): Promise<CryptoKey> {
    const made = await crypto.subtle.generateKey({ name: CIPHER, length: 256 }, false, [
      'encrypt',
      'decrypt',
    ]);
    // Another window may have been faster: then its key is the one.
    await update<CryptoKey>(KEY, (there) => there ?? made, store);
    return (await get<CryptoKey>(KEY, store))!;
  }

  // A store that is full, forbidden or broken is as good as none.
  async #tried<T>(what: (store: UseStore) => Promise<T>): Promise<T | undefined> {
    if (!canKeepVault()) return undefined;
    try {
      this.#opened ??= createStore(this.#name, 'kept');
      return await what(this.#opened);
    } catch {
      return undefined;
    }
  }
}
