export { formatFine, formatLength, roundDownToTape, roundUpToTape } from './formatLength'
export { parseLength } from './parseLength'
export { type LengthStyle, type LengthUnit, lengthUnits, tapeFractions } from './units'
