import { test } from '@playwright/test';
test('look', async ({ page }) => {
  test.setTimeout(180000);
  page.on('pageerror', (e) => console.log('pageerror', e.message));
  await page.setViewportSize({ width: 1280, height: 800 });
  await page.goto('/cases');
  await page.locator('[data-case]').first().waitFor();
  await page.goto('/cases?case=ycross-repeat/bar');
  await page.getByText('Look here first').scrollIntoViewIfNeeded();
  await page.getByRole('button', { name: 'From the first look' }).waitFor({ timeout: 60000 });
  await page.getByText('Look here first').evaluate((e) => e.scrollIntoView());
  await page.waitForTimeout(500);
  await page.screenshot({ path: '/tmp/shots/glance.png' });
  await page.goto('/learn/known');
  await page.waitForTimeout(3000);
  await page.screenshot({ path: '/tmp/shots/known.png' });
});
