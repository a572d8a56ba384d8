/** A start that cannot go on, said in one sentence with its remedy; shown without a stack trace. */
export class StartError extends Error {}
