// The font loader watches text change its width to see whether a face has come; a browser of today says it itself.
export default class {
  constructor(family) {
    this.face = `1em "${family}"`
  }

  async load(text) {
    const found = await document.fonts.load(this.face, text ?? undefined)
    if (found.length === 0) throw new Error(`No face is known as ${this.face}.`)
  }
}
