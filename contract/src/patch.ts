/**
 * A change of a document as a JSON merge patch (RFC 7396): only what is named changes, null takes a key back to its
 * default, lists are replaced whole.
 */
export type Patch<T> = T extends readonly unknown[]
  ? T
  : T extends object
    ? { [Key in keyof T]?: Patch<T[Key]> | null }
    : T
