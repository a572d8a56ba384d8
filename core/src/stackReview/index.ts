export { judgeStack, type StackJudgement, whatGetsWorse } from './judgeStack'
