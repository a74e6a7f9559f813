import axe from 'axe-core';

/** What stands against reading the drawn document by machine: colours and the page's frame are for the browser's own tests. */
export async function unreadable(element: Element): Promise<string[]> {
  const { violations } = await axe.run(element, {
    runOnly: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'],
    rules: { 'color-contrast': { enabled: false } },
  });
  return violations.map(({ id, nodes }) => `${id}: ${nodes.map((node) => node.target.join(' ')).join(', ')}`);
}
