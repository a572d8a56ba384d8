import { measureLoad } from './load'
import { measureTyping } from './typing'
async function run() { for (let i=0;i<2;i++) console.log(JSON.stringify((await measureTyping()).map(f=>f.value))); console.log(JSON.stringify((await measureLoad()).map(f=>f.value))) }
void run()
