declare module 'jstat' {
  const jstat: { studentt: { inv(p: number, degreesOfFreedom: number): number } }
  export default jstat
}
