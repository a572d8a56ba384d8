import type { Page } from '@playwright/test'
import axe, { type RunOptions } from 'axe-core'

/** What is asked of every page. */
export const LEVEL = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice']

/** Puts the accessibility checker into a page, once. */
export const layChecker = (page: Page): Promise<void> => page.evaluate(axe.source)

/** What the checker finds there, by the rules or the tags named. */
export const violationsOf = (page: Page, runOnly: RunOptions['runOnly']): Promise<string[]> =>
  page.evaluate(async (only) => {
    const checker = (globalThis as unknown as { axe: typeof axe }).axe
    const { violations } = await checker.run({ runOnly: only!, resultTypes: ['violations'] })
    return violations.map(
      ({ id, help, nodes }) => `${id}: ${help} ${nodes.map((node) => node.html.slice(0, 300)).join(' | ')}`,
    )
  }, runOnly)
