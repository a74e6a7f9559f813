/** The side of a box a slice is taken out of, and the inside that is left along it, inches. */
export interface Shortened {
  readonly side: 'length' | 'width';
  readonly newIn: number;
}
