/** The part of the package that makes the square and draws nothing; its types are those of the whole. */
declare module 'qrcode/lib/core/qrcode' {
  export { create } from 'qrcode'
}
