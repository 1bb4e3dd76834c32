/**
 * The browser's storage, where it may be blocked or full: what cannot be kept there is kept as long as the page stands, and nothing throws. Only
 * here is it asked for.
 */
class DeviceStorage {
  readonly #of: () => Storage;
  readonly #memory = new Map<string, string | null>();

  constructor(of: () => Storage) {
    this.#of = of;
  }

  getItem(key: string): string | null {
    const remembered = this.#memory.get(key);
    if (remembered !== undefined) {
      return remembered;
    }
    try {
      return this.#of().getItem(key);
    } catch {
      return null;
    }
  }

  /** Whether it is there after a reload too. */
  setItem(key: string, value: string): boolean {
    try {
      this.#of().setItem(key, value);
      this.#memory.delete(key);
      return true;
    } catch {
      this.#memory.set(key, value);
      return false;
    }
  }

  removeItem(key: string) {
    try {
      this.#of().removeItem(key);
      this.#memory.delete(key);
    } catch {
      this.#memory.set(key, null);
    }
  }

  keys(): readonly string[] {
    const remembered = [...this.#memory].flatMap(([key, value]) => (value === null ? [] : [key]));
    try {
      return [...new Set([...Object.keys(this.#of()), ...remembered])];
    } catch {
      return remembered;
    }
  }
}

/** Kept on the device. */
export const local = new DeviceStorage(() => localStorage);

/** Kept with the tab. */
export const session = new DeviceStorage(() => sessionStorage);
