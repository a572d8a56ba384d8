import { measureLog } from './log'
void measureLog().then((all) => { for (const f of all) console.log(f.what, f.value.toFixed(1), f.unit, f.aim) })
