/** A title with what lists shorten written out: `lamp w/shade`, `jar w/o lid`. */
export const spelledOut = (title: string): string => title.replace(/\bw\/o\b\s*/gi, 'without ').replace(/\bw\/\s*/gi, 'with ');
