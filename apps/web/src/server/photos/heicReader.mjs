import { parentPort, workerData } from 'node:worker_threads';
import { all } from 'heic-decode';

// Unpacks a picture as telephones write them, upright already, on a thread of its own: it takes a second or two.
parentPort.postMessage('begun');
const { bytes, mostPixels } = workerData;
const images = await all({ buffer: bytes });
const [first] = images;
const { width, height } = first;
if (width * height > mostPixels) parentPort.postMessage({ tooLarge: true });
else {
  const { data } = await first.decode();
  parentPort.postMessage({ width, height, data }, [data.buffer]);
}
images.dispose();
