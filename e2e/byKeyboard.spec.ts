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

  await type(/Seam to seam/, '540')
  await type(/Shoulder point to underarm/, '260')
  await type(/Neck, shoulder point/, '180')
  await type(/down to the neck seam/, '76')
  await tabTo(/^By size/)
  await press('ArrowRight')
  await expect.poll(at).toMatch(/^Which design/)
  await press('Enter')
  for (let i = 0; i < 20 && !/Tern over waves/.test(await at()); i++) await press('ArrowDown')
  await press('Space')
  await expect.poll(at).toMatch(/^Which design Tern over waves/)
  await tabTo(/^Marks are on/)
  await press('Enter')

  await expect.poll(at).toMatch(/^◆Build/)
  await tabTo(/^Use this stack/)
  await press('Enter')
  await expect.poll(at).toMatch(/^◆Hoop/)
  await tabTo(/^Keep this hooping/)
  await press('Enter')
  await expect.poll(at).toMatch(/^◆Stitch/)
  await page.keyboard.press('m')
  await expect.poll(at).toMatch(/^◆Finish/)
  await tabTo(/^Add a fault/)
  await press('Enter')
  await tabTo(/^Puckering/)
  await press('Space')
  await tabTo(/^Take off/)
  await press('Enter')
  await tabTo(/^Good/)
  await press('Space')
  await tabTo(/^Put it in the log/)
  await press('Enter')
  await expect(page).toHaveURL(/\/log\//)
  await expect.poll(at).toBe('Polo')
})
