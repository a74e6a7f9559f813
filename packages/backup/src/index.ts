// Copies of everything: written, checked, put back. For the server and the commands only.
export { copyStream, writeCopy, type CopyOrder } from './writeCopy.ts';
export { makeCopy, type MadeCopy } from './makeCopy.ts';
export { damagesOf, openCopy, readThrough, Unreadable, type OpenedCopy } from './openCopy.ts';
export { damageWords, restoreCopy, type Restored } from './restoreCopy.ts';
export { listCopies, readCopyName, type KeptCopy } from './copyFolder.ts';
export { KEPT } from './rotation.ts';
export { rowsIn, type Manifest } from './manifest.ts';
export { readStoreSettings, StoreUnknown, type StoreSettings } from './store/StoreSettings.ts';
export { StoreTrouble, type CopyStore } from './store/CopyStore.ts';
export { openStore } from './store/openStore.ts';
export { keepInStep, type InStep } from './store/keepInStep.ts';
