/** A thing seen, as small numbers, and how often. */
export interface Gathered {
  /** `width` codes for each. */
  readonly codes: Uint8Array;
  /** Parts of all; they add up to 1. */
  readonly weight: Float64Array;
  readonly count: number;
}

const FIRST_ROOM = 1 << 12;
const GROWS = 4;
/** Codes are below this. */
const CODES = 128;

/**
 * Gathers what is alike and how often it was met. A table of its own, since millions are added and
 * a map of strings takes ten times as long.
 */
export class Gathering {
  private codes: Uint8Array;
  private weight = new Float64Array(FIRST_ROOM);
  private slots = new Int32Array(FIRST_ROOM * 2).fill(-1);
  /** Of each, so that making room need not go through its codes. */
  private hashes = new Int32Array(FIRST_ROOM);
  private count = 0;
  private total = 0;
  private readonly mixed: Uint32Array;

  constructor(private readonly width: number) {
    this.codes = new Uint8Array(FIRST_ROOM * width);
    let state = 1;
    this.mixed = Uint32Array.from({ length: width * CODES }, () => {
      state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
      return Math.imul(state ^ (state >>> 15), 0x2c1b3c6d) >>> 0;
    });
  }

  /** Gives the number of this one, by the order in which they were first met. */
  add(codes: Uint8Array, weight: number): number {
    const { width, mixed } = this;
    let hash = 0;
    for (let k = 0; k < width; k++) hash ^= mixed[k * CODES + codes[k]!]!;
    hash = (hash ^ (hash >>> 16)) | 0;
    this.total += weight;
    const mask = this.slots.length - 1;
    let slot = hash & mask;
    for (let one = this.slots[slot]!; one >= 0; one = this.slots[slot]!) {
      if (this.hashes[one] === hash && this.is(one, codes)) {
        this.weight[one]! += weight;
        return one;
      }
      slot = (slot + 1) & mask;
    }
    if (this.count === this.weight.length) {
      this.grow();
      this.total -= weight;
      return this.add(codes, weight);
    }
    this.slots[slot] = this.count;
    this.hashes[this.count] = hash;
    const from = this.count * width;
    for (let k = 0; k < width; k++) this.codes[from + k] = codes[k]!;
    this.weight[this.count] = weight;
    return this.count++;
  }

  all(): Gathered {
    const { count, width, total } = this;
    return {
      codes: this.codes.subarray(0, count * width),
      weight: this.weight.slice(0, count).map((weight) => weight / total),
      count,
    };
  }

  private is(one: number, codes: Uint8Array): boolean {
    const from = one * this.width;
    for (let k = 0; k < this.width; k++) if (this.codes[from + k] !== codes[k]) return false;
    return true;
  }

  private grow(): void {
    const codes = new Uint8Array(this.codes.length * GROWS);
    codes.set(this.codes);
    const weight = new Float64Array(this.weight.length * GROWS);
    weight.set(this.weight);
    const hashes = new Int32Array(weight.length);
    hashes.set(this.hashes);
    this.slots = new Int32Array(weight.length * 2).fill(-1);
    const mask = this.slots.length - 1;
    for (let one = 0; one < this.count; one++) {
      let slot = hashes[one]! & mask;
      while (this.slots[slot]! >= 0) slot = (slot + 1) & mask;
      this.slots[slot] = one;
    }
    this.codes = codes;
    this.weight = weight;
    this.hashes = hashes;
  }
}
