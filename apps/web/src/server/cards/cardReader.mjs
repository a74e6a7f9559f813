import { parentPort, workerData } from 'node:worker_threads';
import { register } from 'tsx/esm/api';

// Reads a card's files on a thread of its own; whatever they hold, the server goes on answering. The build bundles no threads:
// this one runs from the sources.
register();
const { readRateCardFiles } = await import('@inch-nest/formats');
parentPort.postMessage('begun');
parentPort.postMessage(readRateCardFiles(workerData));
