import { expect, test } from './server'

test('a whole piece goes from New piece to the log by keyboard alone, and the cursor is never lost', async ({
  demo: shop,
  page,
}) => {
  test.setTimeout(240_000)
  await page.goto(shop.url)
  await page
    .getByRole('link', { name: /Crew polo/ })
    .first()
    .waitFor()
  const at = () =>
    page.evaluate(() => {
      const on = document.activeElement as HTMLElement
      if (on === document.body) return 'nowhere'
      const by = on.getAttribute('aria-labelledby')
      const label = by
        ?.split(' ')
        .map((id) => document.getElementById(id)?.textContent)
        .join(' ')
      return `${on.getAttribute('aria-label') ?? label ?? on.textContent} ${on.getAttribute('placeholder') ?? ''}`.trim()
    })
  const held = async (): Promise<void> => expect.poll(at).not.toBe('nowhere')
  const press = async (key: string): Promise<void> => {
    await page.keyboard.press(key)
    await held()
  }
  const tabTo = async (name: RegExp, most = 120): Promise<void> => {
    for (let i = 0; i < most && !name.test(await at()); i++) await page.keyboard.press('Tab')
    expect(await at()).toMatch(name)
  }
  const type = async (name: RegExp, text: string): Promise<void> => {
    await tabTo(name)
    await page.keyboard.type(text)
  }

  await page.keyboard.press('n')
  await expect.poll(at).toBe('New piece')
  await tabTo(/^Find an item/)
  await page.keyboard.type('polo')
  await press('Enter')
  await expect(page.getByRole('radiogroup', { name: 'Placement' })).toBeVisible()
  await tabTo(/left chest/i)
  await press('Space')
  await tabTo(/^Start measuring/)
  await press('Enter')
  await expect.poll(at).toBe('Polo')

  await type(/^1 /, '540')
  await type(/Shoulder point to underarm/, '260')
  await type(/Neck, shoulder point/, '180')
  await type(/down to the neck seam/, '76')
  await tabTo(/^By size/)
  for (let i = 0; i < 20 && !/Tern over waves/.test(await at()); i++) await press('ArrowDown')
  await press('Space')
  await tabTo(/^I’ve marked it/)
  await press('Enter')

  await expect.poll(at).toMatch(/^(Float|Hoop|Clamp) it/)
  await tabTo(/^Use these layers/)
  await press('Enter')
  await expect.poll(at).toMatch(/ fits$/)
  await tabTo(/^Use (?!these|instead)/)
  await press('Enter')
  await expect.poll(at).toMatch(/^Before you start/)
  await page.keyboard.press('m')
  await expect.poll(at).toMatch(/^Off the machine/)
  await tabTo(/^Add a fault/)
  await press('Enter')
  await tabTo(/^Puckering/)
  await press('Space')
  await tabTo(/^Remove/)
  await press('Enter')
  await tabTo(/^Good/)
  await press('Space')
  await tabTo(/^Save to log/)
  await press('Enter')
  await expect(page).toHaveURL(/\/log\//)
  await expect.poll(at).toBe('Polo')
})
