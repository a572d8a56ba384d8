export const pauseFor = (ms: number): Promise<void> => new Promise((resolve) => setTimeout(resolve, ms))

/** Does something again and again until the server is gone; an answer that refuses is no end of it, but a fault. */
export async function untilKilled(write: (i: number) => Promise<void>): Promise<void> {
  for (let i = 0; ; i++)
    try {
      await write(i)
    } catch (error) {
      if (/: [45]\d\d /.test((error as Error).message)) throw error
      return
    }
}
