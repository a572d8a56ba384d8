type Numbers = Int32Array | Float64Array

/** Numbers by the place of their row, growing as rows come. */
export class Column<Kind extends Numbers = Float64Array> {
  values: Kind

  constructor(private readonly make: new (length: number) => Kind) {
    this.values = new make(1024)
  }

  put(slot: number, value: number): void {
    if (slot >= this.values.length) {
      const larger = new this.make(2 * this.values.length)
      larger.set(this.values)
      this.values = larger
    }
    this.values[slot] = value
  }
}
