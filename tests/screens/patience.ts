// A screen drawn whole and looked through by a checker takes seconds on a busy machine; no test hangs on its pace.
jest.setTimeout(60_000);
