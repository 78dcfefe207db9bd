/** A label as it comes on rolls and sheets, named by its size alone. */
export interface LabelStock {
  readonly id: string;
  readonly words: string;
  readonly widthMm: number;
  readonly heightMm: number;
}

/** Sizes that label printers and sheets commonly take; the print style has a page of each size. */
export const LABEL_STOCK: readonly LabelStock[] = [
  { id: 's62x29', words: '62 × 29 mm', widthMm: 62, heightMm: 29 },
  { id: 's89x36', words: '89 × 36 mm', widthMm: 89, heightMm: 36 },
  { id: 's70x42', words: '70 × 42 mm', widthMm: 70, heightMm: 42 },
  { id: 's102x51', words: '102 × 51 mm (4 × 2 in)', widthMm: 102, heightMm: 51 },
];
