/** What is written of alike pieces: `6 × apothecary jars`, or the title alone for one. */
export const countedTitle = ({ title, count }: { readonly title: string; readonly count: number }): string =>
  count > 1 ? `${count} × ${title}` : title;
