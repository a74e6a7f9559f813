/** A title with what lists shorten written out: `lamp w/shade`, `jar w/o lid`, `tureen w ladle`. */
export const spelledOut = (title: string): string =>
  title
    .replace(/\bw\/o\b\s*/gi, 'without ')
    .replace(/\bw\/\s*/gi, 'with ')
    .replace(/(?<=\p{L}\s)w\s+(?=\p{L}{3})/gu, 'with ');
