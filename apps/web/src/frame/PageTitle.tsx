/** What the browser calls a page: the nearest first, so that tabs beside one another can be told apart. */
export const PageTitle = ({ of }: { of: readonly (string | null | undefined)[] }) => (
  <title>{[...of.filter(Boolean), 'Inch Nest'].join(' · ')}</title>
);
