// Files people bring and take away, read all or not at all.
export { readRateCardCsv, type RateCardReading } from './readRateCardCsv.ts';
export { MOST_CARD_BYTES, readRateCardFiles, zipFiles, zipRateCard, type NamedFile } from './rateCardFiles.ts';
export { writeRateCardCsv } from './writeRateCardCsv.ts';
export type { RateCardCsv } from './rateCardTables.ts';
export { readBatchCsv, type BatchLine, type BatchReading } from './batchCsv.ts';
export { readStockCsv, writeStockCsv, type StockKind, type StockReading } from './stockCsv.ts';
