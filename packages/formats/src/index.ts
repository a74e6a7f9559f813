// Files people bring and take away, read all or not at all.
export { readRateCardCsv, type RateCardReading } from './readRateCardCsv.ts';
export { MOST_CARD_BYTES, readRateCardFiles, zipFiles, zipRateCard, type NamedFile } from './rateCardFiles.ts';
export { writeRateCardCsv } from './writeRateCardCsv.ts';
export type { RateCardCsv } from './rateCardTables.ts';
export { readBatchCsv, type BatchLine, type BatchReading } from './batchCsv.ts';
export { writeOrderCsv } from './orderCsv.ts';
export { listChanges, readStockCsv, writeStockCsv, type ListChanges, type StockKind, type StockReading } from './stockCsv.ts';
export { readAccelerationCsv, type AccelerationReading } from './accelerationCsv.ts';
export { drawCut } from './drawCut.ts';
